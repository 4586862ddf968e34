'use client';
import { useId, useState } from 'react';
import Form from 'react-bootstrap/Form';

/** A labelled line of text. With `settle` it passes its text on when it is left, so that a half-typed number is not read. */
export function TextField({
  label,
  value,
  onChange,
  settle = false,
  autoFocus = false,
  placeholder,
}: {
  readonly label: string;
  readonly value: string;
  readonly onChange: (text: string) => void;
  readonly settle?: boolean;
  readonly autoFocus?: boolean;
  readonly placeholder?: string;
}) {
  const id = useId();
  const [draft, setDraft] = useState<string | undefined>(undefined);
  return (
    <Form.Group controlId={id} className="typed">
      <Form.Label>{label}</Form.Label>
      <Form.Control
        size="sm"
        value={draft ?? value}
        autoFocus={autoFocus}
        autoComplete="off"
        spellCheck={false}
        {...(placeholder === undefined ? {} : { placeholder })}
        onChange={(event) => (settle ? setDraft(event.target.value) : onChange(event.target.value))}
        onBlur={() => {
          if (draft !== undefined) onChange(draft);
          setDraft(undefined);
        }}
      />
    </Form.Group>
  );
}
