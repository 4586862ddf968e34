import { fact, finding } from '../../finding/finding';
import { stepsIn } from '../../quantity/device';
import { takesPart } from '../chargeTable';
import { toCanonical } from '../../quantity/units';
import type { PlanDraft, PlanLine } from '../planTypes';
import type { Finding } from '../../finding/finding';

const goodSteps = 100;
const fewSteps = 20;
const roughRoles: readonly string[] = ['aid', 'drying agent', 'rinse'];

/** Whether the device can measure what is asked: readability, capacity, digits finer than it shows. */
export function measureFindings({ lines }: PlanDraft): readonly Finding[] {
  return lines.flatMap((line) => [...readability(line), ...fillings(line), ...finer(line)]);
}

function readability({ facts: line, target }: PlanLine): readonly Finding[] {
  if (!target?.device || roughRoles.includes(line.line.role)) return [];
  const steps = stepsIn(target.rounded.q.value, target.device);
  // A graduation hit exactly must not fall under its limit by binary noise.
  const under = (limit: number) => steps < limit - 1e-9;
  const args = {
    name: line.substance.substance.name,
    target: fact(target.rounded.q, target.rounded.unit, target.rounded.figures),
    steps: fact({ dim: 'number', value: steps }, '', 2),
    device: target.device.name,
    share: fact({ dim: 'fraction', value: 1 / steps }, '%', 2),
  };
  if (under(fewSteps)) return [finding('measure.caution', 'caution', { line: line.line.id, field: 'device' }, args)];
  if (under(goodSteps) && (takesPart(line) || line.line.role === 'catalyst')) {
    return [finding('measure.note', 'note', { line: line.line.id, field: 'device' }, args)];
  }
  return [];
}

function fillings({ facts: line, target }: PlanLine): readonly Finding[] {
  if (!target?.device) return [];
  const count = Math.ceil(target.rounded.q.value / toCanonical(target.device.capacity, target.device.unit) - 1e-9);
  if (count <= 1) return [];
  return [
    finding(
      'measure.fillings',
      count > 3 ? 'caution' : 'note',
      { line: line.line.id, field: 'device' },
      {
        name: line.substance.substance.name,
        target: fact(target.rounded.q, target.rounded.unit, target.rounded.figures),
        device: target.device.name,
        fillings: fact({ dim: 'number', value: count }, '', String(count).length),
      },
    ),
  ];
}

function finer({ facts: line, target }: PlanLine): readonly Finding[] {
  if (!target?.device || !target.pinned || target.exact.formula !== 'asTyped') return [];
  const step = toCanonical(target.device.step, target.device.unit);
  if (Math.abs(target.exact.q.value - target.rounded.q.value) < step * 1e-6) return [];
  return [
    finding(
      'measure.finer',
      'note',
      { line: line.line.id, field: 'entered' },
      {
        name: line.substance.substance.name,
        typed: fact(target.exact.q, target.exact.unit, target.exact.figures),
        device: target.device.name,
        nearest: fact(target.rounded.q, target.rounded.unit, target.rounded.figures),
      },
    ),
  ];
}
