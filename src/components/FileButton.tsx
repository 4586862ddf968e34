'use client';
import { useRef } from 'react';
import Button from 'react-bootstrap/Button';

/** A button that lets a person choose a file; the same file may be chosen again. */
export function FileButton({
  label,
  name = label,
  accept,
  variant = 'line',
  onChosen,
}: {
  readonly label: string;
  /** What the file is, for those who do not see the button. @default the label */
  readonly name?: string;
  readonly accept: string;
  readonly variant?: 'line' | 'quiet';
  readonly onChosen: (file: File) => void;
}) {
  const input = useRef<HTMLInputElement>(null);
  return (
    <>
      <Button variant={variant} onClick={() => input.current?.click()}>
        {label}
      </Button>
      <input
        ref={input}
        type="file"
        hidden
        accept={accept}
        aria-label={name}
        onChange={({ target }) => {
          const [chosen] = target.files ?? [];
          target.value = '';
          if (chosen) onChosen(chosen);
        }}
      />
    </>
  );
}
