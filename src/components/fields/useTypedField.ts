'use client';
import { useState } from 'react';

/** What a field makes of its text: a value, or a sentence that says what is wrong with it. */
export type FieldReading<T> = { readonly ok: true; readonly value: T } | { readonly ok: false; readonly says: string };

export interface TypedField {
  readonly text: string;
  readonly says: string | undefined;
  readonly change: (text: string) => void;
  readonly settle: () => void;
  readonly revert: () => void;
}

/**
 * Keeps what was typed apart from what was understood. A readable text is passed on at every keystroke; an unreadable one
 * stays in the field with its reason, and the last good value stays in force.
 *
 * @param shown text of the value in force
 * @param read turns text into a value or a reason
 * @param commit takes a good value
 */
export function useTypedField<T>(
  shown: string,
  read: (text: string) => FieldReading<T>,
  commit: (value: T) => void,
): TypedField {
  const [draft, setDraft] = useState<{ readonly text: string; readonly over: string } | undefined>(undefined);
  const [typing, setTyping] = useState(false);
  // When the value in force changes from outside, an abandoned draft gives way to it.
  const text = draft && (typing || draft.over === shown) ? draft.text : shown;
  const reading = text === shown ? undefined : read(text);
  return {
    text,
    says: reading && !reading.ok ? reading.says : undefined,
    change: (next) => {
      setTyping(true);
      setDraft({ text: next, over: shown });
      const result = read(next);
      if (result.ok) commit(result.value);
    },
    settle: () => {
      setTyping(false);
      setDraft(reading && !reading.ok ? { text, over: shown } : undefined);
    },
    revert: () => {
      setTyping(false);
      setDraft(undefined);
    },
  };
}
