'use client';
import { useEffect, useRef, useState } from 'react';
import type { ReactNode } from 'react';

const holdMs = 700;

/** A button that acts only when it is held, so that nobody signs by brushing over it. Enter or Space held works as well. */
export function HoldButton({
  onHeld,
  children,
  label,
}: {
  readonly onHeld: () => void;
  readonly children: ReactNode;
  readonly label: string;
}) {
  const [held, setHeld] = useState(false);
  const timer = useRef<ReturnType<typeof setTimeout> | undefined>(undefined);
  const stop = () => {
    clearTimeout(timer.current);
    timer.current = undefined;
    setHeld(false);
  };
  const start = () => {
    if (timer.current) return;
    setHeld(true);
    timer.current = setTimeout(() => {
      stop();
      onHeld();
    }, holdMs);
  };
  useEffect(() => () => clearTimeout(timer.current), []);
  return (
    <button
      type="button"
      className={`hold ${held ? 'hold-held' : ''}`}
      aria-label={label}
      onPointerDown={start}
      onPointerUp={stop}
      onPointerLeave={stop}
      onKeyDown={(event) => (event.key === 'Enter' || event.key === ' ') && start()}
      onKeyUp={stop}
      onBlur={stop}
    >
      {children}
    </button>
  );
}
