'use client';
import { useId } from 'react';
import Form from 'react-bootstrap/Form';
import { useTypedField } from './useTypedField';
import type { FieldReading } from './useTypedField';

/** A text field that understands while you type, and says at the field what it does not understand. */
export function TypedInput<T>(props: {
  readonly label: string;
  readonly shown: string;
  readonly read: (text: string) => FieldReading<T>;
  readonly commit: (value: T) => void;
  readonly hideLabel?: boolean;
  readonly disabled?: boolean;
  readonly autoFocus?: boolean;
  readonly onDone?: () => void;
  readonly inputMode?: 'decimal' | 'numeric' | 'text';
  readonly help?: string;
  readonly className?: string;
}) {
  const id = useId();
  const field = useTypedField(props.shown, props.read, props.commit);
  const says = field.says;
  return (
    <Form.Group className={`typed ${props.className ?? ''}`}>
      <Form.Label htmlFor={id} {...(props.hideLabel ? { visuallyHidden: true } : {})}>
        {props.label}
      </Form.Label>
      <Form.Control
        id={id}
        size="sm"
        value={field.text}
        disabled={props.disabled === true}
        autoFocus={props.autoFocus === true}
        autoComplete="off"
        spellCheck={false}
        inputMode={props.inputMode ?? 'text'}
        isInvalid={says !== undefined}
        aria-describedby={says ? `${id}-says` : undefined}
        onChange={(event) => field.change(event.target.value)}
        onBlur={field.settle}
        onFocus={(event) => event.target.select()}
        onKeyDown={(event) => {
          if (event.key === 'Enter' && says === undefined) {
            field.settle();
            props.onDone?.();
          }
          if (event.key === 'Escape') field.revert();
        }}
      />
      {says ? (
        <div className="typed-says" id={`${id}-says`} role="alert">
          {says}
        </div>
      ) : (
        props.help && <div className="typed-help">{props.help}</div>
      )}
    </Form.Group>
  );
}
