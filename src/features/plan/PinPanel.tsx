'use client';
import ButtonGroup from 'react-bootstrap/ButtonGroup';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import { Icon } from '@/components/Icon';
import { TypedInput } from '@/components/fields/TypedInput';
import { changePin, setPin } from '@/core/editing/edit';
import { findUnit } from '@/core/quantity/units';
import { formatDigits } from '@/core/quantity/format';
import { readAmount, readBenches, readDigits, readPercent } from '@/components/fields/readers';
import { usePlanView } from '@/components/plan/planView';
import { WorkedCell } from '@/components/plan/WorkedCell';
import { WorkingPanel } from '@/components/WorkingPanel';
import type { Pin } from '@/core/document/document';
import type { Plan } from '@/core/plan/planTypes';

const kinds: readonly { readonly at: Pin['at']; readonly label: string }[] = [
  { at: 'line', label: 'A line' },
  { at: 'product', label: 'Product' },
  { at: 'vessel', label: 'Vessel' },
  { at: 'factor', label: 'Factor' },
];

/** What is pinned, in words and fields, and the scale that follows. */
export function PinPanel() {
  const { plan, edit, canEdit, open } = usePlanView();
  const { pin } = plan.doc;
  const { factor } = plan;
  const choose = (at: Pin['at']) => {
    const next = startingPin(plan, at);
    if (next) edit('pin/kind', (doc) => setPin(doc, next));
  };
  return (
    <section className="rail-card card-plain pin-panel" aria-label="Scale">
      <h2>
        <Icon name="pinned" /> Pinned
      </h2>
      <ButtonGroup size="sm" aria-label="What is pinned" className="pin-kinds">
        {kinds.map(({ at, label }) => (
          <Button
            key={at}
            variant={pin.at === at ? 'choice' : 'line'}
            aria-pressed={pin.at === at}
            disabled={!canEdit || (at === 'vessel' && plan.doc.vessels.length === 0)}
            onClick={() => choose(at)}
          >
            {label}
          </Button>
        ))}
      </ButtonGroup>
      <PinFields />
      <p className="scale-line">
        {factor.ok ? (
          <>
            everything proportional is <WorkedCell id="scale/factor" worked={factor.value} label="Scale factor" /> the
            tested scale
          </>
        ) : (
          <span className="text-stop">{factor.why} Shown as written.</span>
        )}
      </p>
      {open === 'scale/factor' && factor.ok && (
        <WorkingPanel worked={factor.value} doc={plan.doc} title="Scale factor" />
      )}
      <div className="bench-count">
        <TypedInput
          label="Benches"
          disabled={!canEdit}
          inputMode="numeric"
          shown={String(plan.doc.benches)}
          read={readBenches}
          commit={(benches) => edit('benches', (doc) => ({ ...doc, benches }))}
        />
        <TypedInput
          label="Spare, %"
          disabled={!canEdit}
          inputMode="decimal"
          shown={String(plan.doc.spare_percent)}
          read={readPercent(0, 100)}
          commit={(digits) => edit('spare', (doc) => ({ ...doc, spare_percent: Number(digits) }))}
        />
      </div>
    </section>
  );
}

/** A pin of another kind that changes nothing yet: it holds what the plan shows now. */
function startingPin(plan: Plan, at: Pin['at']): Pin | undefined {
  const digits = (value: {
    readonly q: { readonly dim: 'mass' | 'volume' | 'amount' | 'number'; readonly value: number };
    readonly figures: number;
    readonly unit: string;
  }) => formatDigits(value.q, value.unit, { figures: value.figures });
  if (at === 'factor') return { at, digits: plan.factor.ok ? digits({ ...plan.factor.value, figures: 3 }) : '1' };
  if (at === 'product') {
    const mass = plan.exact.product?.mass;
    return (
      mass && {
        at,
        digits: formatDigits({ dim: 'mass', value: mass.q.value * 0.7 }, 'g', { figures: 3 }),
        unit: 'g',
        percent: '70',
      }
    );
  }
  if (at === 'line') {
    const line = plan.lines.find(({ facts }) => facts.line.id === plan.doc.reference);
    const target = line?.target?.rounded;
    return target && { at, line: line.facts.line.id, digits: digits(target), unit: target.unit, over: 'bench' };
  }
  const vessel = plan.vessels[0];
  if (!vessel) return undefined;
  const percent = vessel.fill ? formatDigits(vessel.fill.q, '%', { figures: 3 }) : '50';
  return { at, vessel: vessel.vessel.id, digits: String(vessel.vessel.capacity_mL), percent };
}

function PinFields() {
  const { plan, edit, canEdit } = usePlanView();
  const { pin } = plan.doc;
  const put = <P extends Pin>(field: string, shown: P, change: Partial<Omit<P, 'at'>>) =>
    edit(`pin/${field}`, (doc) => changePin(doc, shown, change));
  const off = !canEdit;
  if (pin.at === 'factor') {
    return (
      <TypedInput
        label="Factor of the tested scale"
        disabled={off}
        inputMode="decimal"
        shown={pin.digits}
        read={readDigits('number', '×')}
        commit={(digits) => put('factor', pin, { digits })}
      />
    );
  }
  if (pin.at === 'product') {
    return (
      <div className="pin-fields">
        <TypedInput
          label="Pure product wanted"
          disabled={off}
          shown={`${pin.digits} ${pin.unit}`}
          read={readAmount(['mass', 'volume', 'amount'], pin.unit)}
          commit={({ digits, unit }) => put('product', pin, { digits, unit })}
        />
        <TypedInput
          label="Expected yield, %"
          disabled={off}
          inputMode="decimal"
          shown={pin.percent}
          read={readPercent(1, 100)}
          commit={(percent) => put('percent', pin, { percent })}
        />
      </div>
    );
  }
  if (pin.at === 'vessel') {
    return (
      <>
        <Form.Select
          size="sm"
          aria-label="Vessel"
          disabled={off}
          value={pin.vessel}
          onChange={(event) => put('vessel', pin, { vessel: event.target.value })}
        >
          {plan.doc.vessels.map(({ id, name }) => (
            <option key={id} value={id}>
              {name}
            </option>
          ))}
        </Form.Select>
        <div className="pin-fields">
          <TypedInput
            label="Capacity, mL"
            disabled={off}
            inputMode="decimal"
            shown={pin.digits}
            read={readDigits('volume', 'mL')}
            commit={(digits) => put('capacity', pin, { digits })}
          />
          <TypedInput
            label="Filled to, %"
            disabled={off}
            inputMode="decimal"
            shown={pin.percent}
            read={readPercent(1, 100)}
            commit={(percent) => put('fill', pin, { percent })}
          />
        </div>
      </>
    );
  }
  const name = plan.lines.find(({ facts }) => facts.line.id === pin.line)?.facts.substance.substance.name ?? pin.line;
  const dim = findUnit(pin.unit)?.dim;
  return (
    <>
      <TypedInput
        label={`${name} ${pin.over === 'class' ? 'for the whole class' : 'at each bench'}`}
        disabled={off}
        shown={`${pin.digits} ${pin.unit}`}
        read={readAmount(dim === undefined ? [] : [dim], pin.unit)}
        commit={({ digits, unit }) => put(`${pin.line}/amount`, pin, { digits, unit })}
      />
      <p className="pin-says">
        {pin.over === 'class' ? 'Spare included. ' : ''}Everything else follows. Tap a pin in the table to choose
        another.
      </p>
    </>
  );
}
