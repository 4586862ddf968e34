import { fact, finding } from '../finding/finding';
import { lineAmounts } from '../stoichiometry/lineAmounts';
import { speciesOf, takesPart } from '../preparation/chargeTable';
import { toCanonical } from '../quantity/units';
import { recordPlaceKey } from './foldRecord';
import { configurationOf } from './measured';
import type { BenchCharge, BenchLine } from './benchTypes';
import type { Finding } from '../finding/finding';
import type { Live } from './foldRecord';
import type { Preparation } from '../preparation/document';
import type { Measured } from '../stoichiometry/lineAmounts';

/** Share of the target within which a charge is accepted (domain: for example ± 10 %). */
export const acceptedShare = 0.1;

/** What is remarkable about the readings of a charge, each at the earliest entry that shows it. */
export function chargeFindings(
  issued: Preparation,
  charge: Omit<BenchCharge, 'findings'>,
  record: readonly Live[],
): readonly Finding[] {
  return [
    ...rivals(charge, record),
    ...charge.lines.flatMap((line) => [...weighings(line), ...digits(issued, line), ...offTarget(line)]),
    ...limiting(issued, charge),
  ];
}

const nameOf = ({ plan }: BenchLine) => plan.facts.substance.substance.name;

function rivals(charge: Omit<BenchCharge, 'findings'>, record: readonly Live[]): readonly Finding[] {
  const places = new Map(
    record.flatMap(({ status, body }) =>
      status === 'rival' && body.k === 'reading' ? [[recordPlaceKey(body.place), body.place] as const] : [],
    ),
  );
  return [...places.values()].map(({ line, slot }) => {
    const found = charge.lines.find(({ plan }) => plan.facts.line.id === line);
    return finding('reading.rival', 'stop', { line, slot }, { name: found ? nameOf(found) : line });
  });
}

function weighings(line: BenchLine): readonly Finding[] {
  const { full, empty } = line.readings;
  if (!full || !empty) return [];
  const about = { line: line.plan.facts.line.id, slot: 'empty' };
  const name = nameOf(line);
  if (configurationOf(full) !== configurationOf(empty)) {
    return [
      finding('reading.configuration', 'stop', about, {
        name,
        full: configurationOf(full),
        empty: configurationOf(empty),
      }),
    ];
  }
  const value = (one: typeof full) => ({ dim: 'mass', value: toCanonical(one.body.digits, one.body.unit) }) as const;
  if (value(full).value > value(empty).value) return [];
  return [
    finding('reading.order', 'stop', about, {
      name,
      full: `${full.body.digits} ${full.body.unit}`,
      empty: `${empty.body.digits} ${empty.body.unit}`,
    }),
  ];
}

function digits(issued: Preparation, line: BenchLine): readonly Finding[] {
  return Object.values(line.readings).flatMap(({ body }) => {
    const device = issued.devices.find(({ id }) => id === body.device);
    if (!device || device.unit !== body.unit) return [];
    const decimals = (numeral: string) => numeral.split('.')[1]?.length ?? 0;
    if (decimals(body.digits) >= decimals(device.step)) return [];
    const args = {
      name: nameOf(line),
      read: `${body.digits} ${body.unit}`,
      device: device.name,
      step: `${device.step} ${device.unit}`,
    };
    return [finding('reading.coarse', 'caution', { line: line.plan.facts.line.id, slot: body.place.slot }, args)];
  });
}

/** Against the target that was in force for the line. */
function offTarget(line: BenchLine): readonly Finding[] {
  const { taken, plan, goal } = line;
  const { id, role } = plan.facts.line;
  const wanted = taken && goal[taken.q.dim];
  if (!taken || !wanted || role === 'aid') return [];
  const off = taken.q.value / wanted.q.value - 1;
  if (Math.abs(off) <= acceptedShare + 1e-9) return [];
  return [
    finding(
      'reading.offTarget',
      takesPart(plan.facts) ? 'caution' : 'note',
      { line: id },
      {
        name: nameOf(line),
        actual: shown(taken),
        target: shown(wanted as Measured),
        off: `${off > 0 ? '+' : '−'}${Math.round(Math.abs(off) * 100)}\u00a0%`,
      },
    ),
  ];
}

const shown = (amount: Measured) => fact(amount.q, amount.unit, amount.figures);

/** As soon as the reference and another reactant are measured: is the intended one still the one that limits? */
function limiting(issued: Preparation, { lines, actual, plan }: Omit<BenchCharge, 'findings'>): readonly Finding[] {
  const reference = lines.find(({ plan: one }) => one.facts.line.id === issued.reference);
  if (!reference?.taken || !takesPart(reference.plan.facts)) return [];
  const ν = (id: string) =>
    issued.equation.terms.find(({ side, substance }) => side === 'left' && substance === id)?.coefficient ?? 1;
  const extentOf = (line: BenchLine) => {
    const amount = actual.rows.get(line.plan.facts.line.id)?.total.amount;
    return amount && (amount.q.value * (line.plan.facts.line.delivers?.count ?? 1)) / ν(speciesOf(line.plan.facts));
  };
  const base = extentOf(reference);
  if (base === undefined) return [];
  return lines.flatMap((line) => {
    const extent = line === reference || !line.taken || !takesPart(line.plan.facts) ? undefined : extentOf(line);
    if (extent === undefined || extent >= base * (1 - 1e-9)) return [];
    const lacking = lineAmounts(
      {
        ...plan.charge.extents!.limiting.extent,
        q: {
          dim: 'amount',
          value: ((base - extent) * ν(speciesOf(line.plan.facts))) / (line.plan.facts.line.delivers?.count ?? 1),
        },
      },
      line.plan.facts.bottle,
    );
    const missing = lacking[line.taken!.q.dim] ?? lacking.amount;
    return [
      finding(
        'reading.short',
        'stop',
        { line: line.plan.facts.line.id },
        {
          name: nameOf(line),
          intended: nameOf(reference),
          ...(missing ? { missing: fact(missing.q, missing.unit, 2) } : {}),
        },
      ),
    ];
  });
}
