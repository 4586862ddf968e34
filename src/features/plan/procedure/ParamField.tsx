'use client';
import Button from 'react-bootstrap/Button';
import { defaultsOf } from '@/core/operations/declare/defaults';
import { labelWithUnit, readNumber } from './readNumber';
import { readText } from '@/components/fields/readers';
import { SelectField } from '@/components/fields/SelectField';
import { TypedInput } from '@/components/fields/TypedInput';
import type { Field, Fields, RefField } from '@/core/operations/declare/fields';

/** What a field may name, by kind: id and name. */
export type Choices = Readonly<Record<RefField['kind'], readonly { readonly value: string; readonly label: string }[]>>;

interface ParamProps<F extends Field = Field> {
  readonly field: F;
  readonly value: unknown;
  readonly choices: Choices;
  /** Says why a value is refused. */
  readonly fault: (value: unknown) => string | undefined;
  readonly onChange: (value: unknown) => void;
}

/** The input of one parameter, as its field is declared; a list with a way to add and to take away. */
export function ParamField({ field, value, choices, fault, onChange }: ParamProps) {
  if (field.many === undefined)
    return <One field={field} value={value} choices={choices} fault={fault} onChange={onChange} />;
  const [least, most] = field.many;
  const items: readonly unknown[] = Array.isArray(value) ? value : [];
  const put = (next: readonly unknown[]) => onChange(next.length === 0 && field.optional ? undefined : next);
  const another = firstOf(field, choices);
  return (
    <fieldset className="param-list">
      <legend>{field.label}</legend>
      {items.map((item, i) => (
        <div key={i} className="param-item">
          <One
            field={{ ...field, label: `${field.label} ${i + 1}` }}
            value={item}
            choices={choices}
            fault={(next) => fault(items.with(i, next))}
            onChange={(next) => put(items.with(i, next))}
          />
          {items.length > Math.max(field.optional ? 0 : 1, least) && (
            <Button
              variant="quiet"
              size="sm"
              aria-label={`Take ${field.label} ${i + 1} away`}
              onClick={() => put(items.toSpliced(i, 1))}
            >
              ×
            </Button>
          )}
        </div>
      ))}
      {items.length < most && another !== undefined && (
        <Button variant="quiet" size="sm" onClick={() => put([...items, another])}>
          + {field.label}
        </Button>
      )}
    </fieldset>
  );
}

/** What a list grows by. */
function firstOf(field: Field, choices: Choices): unknown {
  const { many: _many, optional: _optional, ...single } = field;
  const named = {
    line: choices.line.map(({ value }) => value),
    stage: choices.stage.map(({ value }) => value),
    substance: choices.substance.map(({ value }) => value),
  };
  const found = defaultsOf({ one: single as Field }, named);
  return found.ok ? found.params['one'] : undefined;
}

function One({ field, value, choices, fault, onChange }: ParamProps) {
  const left = field.optional && field.many === undefined;
  switch (field.kind) {
    case 'number':
      return (
        <TypedInput
          label={labelWithUnit(field)}
          {...(field.help === undefined ? {} : { help: field.help })}
          inputMode="decimal"
          shown={typeof value === 'number' ? String(value) : ''}
          read={readNumber(field, left === true, fault)}
          commit={onChange}
        />
      );
    case 'text':
      return (
        <TypedInput
          label={field.label}
          {...(field.help === undefined ? {} : { help: field.help })}
          shown={typeof value === 'string' ? value : ''}
          read={readText(field.longest, !left)}
          commit={onChange}
        />
      );
    case 'flag':
      return (
        <SelectField
          label={field.label}
          value={value === true ? 'yes' : 'no'}
          options={[
            { value: 'no', label: 'no' },
            { value: 'yes', label: 'yes' },
          ]}
          onChange={(next) => onChange(next === 'yes' ? true : left ? undefined : false)}
        />
      );
    case 'rows':
      return <Row fields={field.of} value={value} choices={choices} fault={fault} onChange={onChange} />;
    default:
      return (
        <SelectField
          label={field.label}
          value={typeof value === 'string' ? value : ''}
          options={[
            ...(left || typeof value !== 'string' ? [{ value: '', label: '—' }] : []),
            ...(field.kind === 'choice'
              ? Object.entries(field.of).map(([key, label]) => ({ value: key, label }))
              : choices[field.kind]),
          ]}
          onChange={(next) => onChange(next === '' ? undefined : next)}
        />
      );
  }
}

function Row({ fields, value, choices, fault, onChange }: Omit<ParamProps, 'field'> & { readonly fields: Fields }) {
  const row = (typeof value === 'object' && value !== null ? value : {}) as Readonly<Record<string, unknown>>;
  return (
    <div className="param-row">
      {Object.entries(fields).map(([key, field]) => (
        <ParamField
          key={key}
          field={field}
          value={row[key]}
          choices={choices}
          fault={(next) => fault({ ...row, [key]: next })}
          onChange={(next) => onChange({ ...row, [key]: next })}
        />
      ))}
    </div>
  );
}
