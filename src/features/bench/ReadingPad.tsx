'use client';
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import { amountFault } from '@/core/finding/amountFault';
import { format } from '@/core/quantity/format';
import { parseAmount } from '@/core/quantity/parseAmount';
import { acceptedShare } from '@/core/record/chargeFindings';
import { Gauge } from './Gauge';
import { Keypad } from './Keypad';
import { MeasurePicture } from './MeasurePicture';
import type { BenchLine } from '@/core/record/benchTypes';
import type { Body, Slot } from '@/core/record/entry';
import type { Device } from '@/core/quantity/device';
import type { Measured } from '@/core/stoichiometry/lineAmounts';

/** Ways of measuring that a line allows, and the readings each needs, in order. */
const ways = {
  volume: { label: 'Volume', slots: ['volume'] },
  net: { label: 'Weigh, tared', slots: ['net'] },
  difference: { label: 'Weigh by difference', slots: ['full', 'empty'] },
} as const satisfies Record<string, { label: string; slots: readonly Slot[] }>;
type Way = keyof typeof ways;

const ask: Readonly<Record<Slot, string>> = {
  volume: 'Read the volume.',
  net: 'Read the net mass.',
  full: 'Weigh the full vessel.',
  empty: 'Weigh the emptied vessel.',
};

/** One line's measurement: how, with what, the number, and the big button. */
export function ReadingPad({
  line,
  devices,
  onAdd,
}: {
  readonly line: BenchLine;
  readonly devices: readonly Device[];
  readonly onAdd: (body: Body) => void;
}) {
  const { target, total, facts } = line.plan;
  const dim = target?.rounded.q.dim ?? 'mass';
  const [way, setWay] = useState<Way>(
    line.readings.full ? 'difference' : dim === 'volume' && !line.readings.net ? 'volume' : 'net',
  );
  const [text, setText] = useState('');
  const [cap, setCap] = useState('cap on');
  const volume = way === 'volume';
  const unit = volume ? 'mL' : 'g';
  const fitting = devices.filter((one) => (one.unit === 'mL') === volume);
  const [chosen, setChosen] = useState<string | undefined>(undefined);
  const device = fitting.find(({ id }) => id === (chosen ?? facts.line.device)) ?? fitting[0];
  const slot = ways[way].slots.find((one) => !line.readings[one]);
  const goal = line.goal[volume ? 'volume' : 'mass'] as Measured | undefined;
  if (!slot)
    return (
      <p className="reading-ask">
        These two readings cannot be used together. Strike the wrong one in the record and weigh again.
      </p>
    );
  const parsed = parseAmount(text, { dims: [volume ? 'volume' : 'mass'], unit, zero: true });
  const alone = slot === 'net' || slot === 'volume';
  const record = () => {
    if (!parsed.ok) return;
    const { digits, unit: typedUnit } = parsed.typed;
    onAdd({
      k: 'reading',
      place: { line: facts.line.id, slot },
      digits,
      unit: typedUnit,
      ...(device ? { device: device.id } : {}),
      ...(way === 'difference' ? { state: [cap] } : {}),
    });
    setText('');
  };
  return (
    <div className="reading-pad">
      <div className="reading-choice" role="group" aria-label="How it is measured">
        {(Object.keys(ways) as Way[])
          .filter((one) => one !== 'volume' || total.volume)
          .map((one) => (
            <Button
              key={one}
              variant={way === one ? 'choice' : 'line'}
              aria-pressed={way === one}
              onClick={() => setWay(one)}
            >
              {ways[one].label}
            </Button>
          ))}
      </div>
      <div className="reading-main">
        <div>
          <MeasurePicture slot={slot} text={text ? `${text} ${unit}` : `?? ${unit}`} />
          <p className="reading-ask">{ask[slot]}</p>
          <Form.Group controlId="reading-device">
            <Form.Label>{volume ? 'Measured with' : 'Balance'}</Form.Label>
            <Form.Select value={device?.id ?? ''} onChange={(event) => setChosen(event.target.value)}>
              {fitting.map(({ id, name }) => (
                <option key={id} value={id}>
                  {name}
                </option>
              ))}
            </Form.Select>
          </Form.Group>
          {way === 'difference' && (
            <div className="reading-choice" role="group" aria-label="Configuration of the vessel">
              {['cap on', 'cap off'].map((word) => (
                <Button
                  key={word}
                  variant={cap === word ? 'choice' : 'line'}
                  aria-pressed={cap === word}
                  onClick={() => setCap(word)}
                >
                  {word}
                </Button>
              ))}
            </div>
          )}
          {slot === 'empty' && line.readings.full && (
            <p className="reading-before">
              full:{' '}
              <strong className="num">{`${line.readings.full.body.digits} ${line.readings.full.body.unit}`}</strong> (
              {line.readings.full.body.state?.join(', ')})
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
              {amountFault(parsed, `2.04 ${unit}`)}
            </p>
          )}
          {goal && alone && (
            <Gauge target={goal} value={parsed.ok ? parsed.typed.q.value : undefined} share={acceptedShare} />
          )}
          <Keypad value={text} onChange={setText} />
          <Button className="record-button" disabled={!parsed.ok} onClick={record}>
            {parsed.ok
              ? `Record ${format(parsed.typed.q, parsed.typed.unit, { decimals: parsed.typed.digits.split('.')[1]?.length ?? 0 })}`
              : 'Record'}
          </Button>
        </div>
      </div>
    </div>
  );
}
