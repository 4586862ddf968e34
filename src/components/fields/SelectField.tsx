'use client';
import { useId } from 'react';
import Form from 'react-bootstrap/Form';

/** A labelled choice. */
export function SelectField({
  label,
  value,
  options,
  onChange,
  disabled = false,
}: {
  readonly label: string;
  readonly value: string;
  readonly options: readonly { readonly value: string; readonly label: string }[];
  readonly onChange: (value: string) => void;
  readonly disabled?: boolean;
}) {
  const id = useId();
  return (
    <Form.Group className="typed">
      <Form.Label htmlFor={id}>{label}</Form.Label>
      <Form.Select
        id={id}
        size="sm"
        value={value}
        disabled={disabled}
        onChange={(event) => onChange(event.target.value)}
      >
        {options.map((option) => (
          <option key={option.value} value={option.value}>
            {option.label}
          </option>
        ))}
      </Form.Select>
    </Form.Group>
  );
}
