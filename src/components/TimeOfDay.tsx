'use client';
import { useSyncExternalStore } from 'react';
import { timeOfDay } from './dates';

const never = () => () => undefined;

/** Time of day in the reader's own time zone. The server does not know it, so its first painting leaves the place empty. */
export function TimeOfDay({ at }: { readonly at: string }) {
  return useSyncExternalStore(
    never,
    () => timeOfDay(at),
    () => '––:––',
  );
}
