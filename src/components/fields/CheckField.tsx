'use client';
import { useState } from 'react';

/** A box to tick. The tick stands at once, also while what follows from it is still being worked out. */
export function CheckField({
  label,
  checked,
  onChange,
}: {
  readonly label: string;
  readonly checked: boolean;
  readonly onChange: (checked: boolean) => void;
}) {
  const [ticked, setTicked] = useState<boolean | undefined>(undefined);
  if (ticked === checked) setTicked(undefined);
  const shown = ticked ?? checked;
  return (
    <label className="check-line">
      <input
        type="checkbox"
        checked={shown}
        onChange={() => {
          setTicked(!shown);
          onChange(!shown);
        }}
      />{' '}
      {label}
    </label>
  );
}
