'use client';
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import { amountFault } from '@/core/words/amountFault';
import { closeOf, readingOf } from '@/core/operations/answers';
import { format } from '@/core/quantity/format';
import { parseAmount } from '@/core/quantity/parseAmount';
import { readingText } from '@/core/bench/describeEntry';
import { Gauge } from './Gauge';
import { Keypad } from './Keypad';
import { goalWindow, nextSlot, startWay, usualDevice } from './measureChoice';
import { StepPicture } from './operations/StepPicture';
import type { MeasureAsk } from '@/core/operations/ask';
import type { Body } from '@/core/record/entry';
import type { Device } from '@/core/quantity/device';
import type { StepState } from '@/core/bench/benchState';

const examples = {
  mass: '2.04 g',
  volume: '2.50 mL',
  temperature: '118 °C',
  fraction: '72.5 %',
  length: '3.2 cm',
} as const;

/** One measurement: how, with what, the number, and the big button. */
export function MeasurePad({
  ask,
  step,
  devices,
  onAdd,
}: {
  readonly ask: MeasureAsk;
  readonly step: StepState;
  readonly devices: readonly Device[];
  readonly onAdd: (body: Body) => void;
}) {
  const [way, setWay] = useState(startWay(ask));
  const [text, setText] = useState('');
  const [picked, setPicked] = useState<string | undefined>(undefined);
  const [chosen, setChosen] = useState<string | undefined>(undefined);
  const slot = nextSlot(ask, way);
  const { close: end } = ask;
  if (!slot)
    return (
      <p className="reading-ask">
        These two readings cannot be used together. Change the wrong one in the record and weigh again.
      </p>
    );
  const { unit, dim, configuration } = slot;
  const fitting = devices.filter((device) => device.unit === unit);
  const device = fitting.find(({ id }) => id === chosen) ?? usualDevice(fitting, ask, step);
  const parsed = parseAmount(text, { dims: [dim], unit, zero: true, negative: dim === 'temperature' });
  const window = configuration ? undefined : (goalWindow(ask, dim) ?? ask.window);
  const full = ask.readings['full'];
  const empty = ask.readings['empty'];
  const before = configuration ? (full ?? empty) : undefined;
  // The second weighing begins in the configuration of the first.
  const cap = picked ?? before?.body.state?.[0] ?? 'cap on';
  const record = () => {
    if (!parsed.ok) return;
    onAdd(
      readingOf(ask, slot, {
        digits: parsed.typed.digits,
        unit: parsed.typed.unit,
        ...(device ? { device: device.id } : {}),
        ...(configuration ? { state: [cap] } : {}),
      }),
    );
    setText('');
    setPicked(undefined);
  };
  return (
    <div className="reading-pad">
      {ask.ways.length > 1 && (
        <div className="reading-choice" role="group" aria-label="How it is measured">
          {ask.ways.map((one) => (
            <Choice key={one.id} chosen={one === way} onClick={() => setWay(one)}>
              {one.label}
            </Choice>
          ))}
        </div>
      )}
      <div className="reading-main">
        <div>
          <div className="picture-pair">
            <StepPicture step={step} ask={ask} slot={slot} text={text ? `${text} ${unit}` : `?? ${unit}`} />
            {ask.about.round !== undefined && dim !== 'temperature' && <StepPicture step={step} ask={ask} />}
          </div>
          <p className="reading-ask">{slot.says}</p>
          {fitting.length > 0 && (
            <Form.Group controlId="reading-device">
              <Form.Label>{dim === 'mass' ? 'Balance' : 'Measured with'}</Form.Label>
              <Form.Select value={device?.id ?? ''} onChange={(event) => setChosen(event.target.value)}>
                {fitting.map(({ id, name }) => (
                  <option key={id} value={id}>
                    {name}
                  </option>
                ))}
              </Form.Select>
            </Form.Group>
          )}
          {configuration && (
            <div className="reading-choice" role="group" aria-label="Configuration of the vessel">
              {['cap on', 'cap off'].map((word) => (
                <Choice key={word} chosen={cap === word} onClick={() => setPicked(word)}>
                  {word}
                </Choice>
              ))}
            </div>
          )}
          {before && (
            <p className="reading-before">
              {before.body.place.slot}: <strong className="num">{readingText(before.body)}</strong> (
              {before.body.state?.join(', ')})
            </p>
          )}
        </div>
        <div>
          <Form.Group controlId="reading">
            <Form.Label>Reading, {unit}</Form.Label>
            <Form.Control
              className="reading-field"
              inputMode="decimal"
              autoComplete="off"
              value={text}
              onChange={(event) => setText(event.target.value)}
              onKeyDown={(event) => event.key === 'Enter' && record()}
            />
          </Form.Group>
          {!parsed.ok && text !== '' && (
            <p className="typed-says" role="alert">
              {amountFault(parsed, examples[dim])}
            </p>
          )}
          {window && <Gauge window={window} value={parsed.ok ? parsed.typed.q.value : undefined} />}
          <Keypad value={text} onChange={setText} />
          <Button className="record-button" disabled={!parsed.ok} onClick={record}>
            {parsed.ok
              ? `Record ${format(parsed.typed.q, parsed.typed.unit, { decimals: parsed.typed.digits.split('.')[1]?.length ?? 0 })}`
              : 'Record'}
          </Button>
          {end && (
            <Button variant="line" className="close-series" onClick={() => onAdd(closeOf(step.context, end))}>
              {end.button}
            </Button>
          )}
        </div>
      </div>
    </div>
  );
}

function Choice(props: { readonly chosen: boolean; readonly onClick: () => void; readonly children: string }) {
  return (
    <Button variant={props.chosen ? 'choice' : 'line'} aria-pressed={props.chosen} onClick={props.onClick}>
      {props.children}
    </Button>
  );
}
