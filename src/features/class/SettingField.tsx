'use client';
import { useId, useState } from 'react';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import type { FieldReading } from '@/components/fields/useTypedField';
import type { SettingValue } from '@/core/record/classSettings';

interface Typed {
  readonly digits: string;
  readonly unit: string;
}

/** One number of the class: shown as it stands, changed deliberately, since it is recorded and every bench follows. */
export function SettingField({
  label,
  example,
  value,
  read,
  onSet,
}: {
  readonly label: string;
  readonly example: string;
  readonly value: SettingValue | undefined;
  readonly read: (text: string) => FieldReading<Typed>;
  readonly onSet: (typed: Typed) => void;
}) {
  const id = useId();
  const [text, setText] = useState<string | undefined>(undefined);
  const reading = text === undefined ? undefined : read(text);
  const shown = value ? `${value.digits.replace('-', '−')}\u00a0${value.unit}` : 'not entered';
  if (text === undefined)
    return (
      <div className="setting">
        <span>{label}</span>
        <button type="button" onClick={() => setText('')} aria-label={`${label}: ${shown}. Change`}>
          <strong className={value ? 'num' : 'muted'}>{shown}</strong>
        </button>
      </div>
    );
  return (
    <Form
      className="setting"
      onSubmit={(event) => {
        event.preventDefault();
        if (!reading?.ok) return;
        onSet(reading.value);
        setText(undefined);
      }}
    >
      <Form.Label htmlFor={id}>{label}</Form.Label>
      <Form.Control
        id={id}
        size="sm"
        autoFocus
        autoComplete="off"
        placeholder={example}
        value={text}
        onChange={(event) => setText(event.target.value)}
        onKeyDown={(event) => event.key === 'Escape' && setText(undefined)}
      />
      <Button type="submit" size="sm" disabled={!reading?.ok}>
        Set
      </Button>
      <Button variant="quiet" size="sm" onClick={() => setText(undefined)}>
        Leave
      </Button>
      {text !== '' && reading && !reading.ok && (
        <p className="typed-says" role="alert">
          {reading.says}
        </p>
      )}
    </Form>
  );
}
