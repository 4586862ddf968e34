import { fact, finding } from '../finding/finding';
import { stepsIn } from '../quantity/device';
import { toCanonical } from '../quantity/units';
import { lineAmounts } from '../stoichiometry/lineAmounts';
import { speciesOf, takesPart } from '../plan/chargeTable';
import { leftOf, referenceOf } from '../document/reactions';
import { configurationFindings } from '../readings/weighingFindings';
import { readingFindings } from './readingFindings';
import type { BenchCharge, BenchLine } from '../readings/benchTypes';
import type { Device } from '../quantity/device';
import type { Finding } from '../finding/finding';
import type { Live } from '../record/foldRecord';
import type { Reading } from '../record/entry';
import type { Preparation } from '../document/document';
import type { Reaction } from '../document/reaction';
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
    ...readingFindings(readingsOfLines(record), issued.devices, ({ line }) => {
      const found = charge.lines.find(({ plan }) => plan.facts.line.id === line);
      return found ? nameOf(found) : (line ?? '');
    }),
    ...charge.lines.flatMap((line) => [
      ...configurationFindings(line.readings, nameOf(line), { line: line.plan.facts.line.id }),
      ...offTarget(line),
      ...readability(line, issued.devices),
    ]),
    ...issued.reactions.flatMap((reaction) => limiting(issued, charge, reaction)),
  ];
}

const nameOf = ({ plan }: BenchLine) => plan.facts.name;

/** Readings of the charge table that stand. */
function readingsOfLines(record: readonly Live[]): readonly Live<Reading>[] {
  return record.filter((one): one is Live<Reading> => one.body.k === 'reading' && one.body.place.line !== undefined);
}

/** Against the target that was in force for the line. */
function offTarget(line: BenchLine): readonly Finding[] {
  const { taken, plan, goal } = line;
  const { id, role } = plan.facts.line;
  const wanted = taken && goal[taken.q.dim];
  // What there is of a stage is what it came to, and no slip of the charge.
  const supplied = plan.facts.line.entered.by === 'expected';
  if (!taken || !wanted || role === 'aid' || supplied) return [];
  const off = taken.q.value / wanted.q.value - 1;
  // What does not react may follow the sheet as well as the new target.
  const issued = takesPart(plan.facts) ? undefined : line.issuedGoal?.[taken.q.dim];
  const upper = plan.target?.high?.q.dim === taken.q.dim ? plan.target.high.q.value * plan.facts.portions : undefined;
  if (upper !== undefined && taken.q.value > wanted.q.value && taken.q.value <= upper * (1 + acceptedShare)) return [];
  const near = (target: Measured) => Math.abs(taken.q.value / target.q.value - 1) <= acceptedShare + 1e-9;
  if (near(wanted as Measured) || (issued && near(issued as Measured))) return [];
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

/** A balance fits when its step is at most 1 % of what was weighed; from 5 % on the number says little. */
function readability(line: BenchLine, devices: readonly Device[]): readonly Finding[] {
  const { taken, readings, plan } = line;
  const reading = readings.net ?? readings.full;
  const device = devices.find(({ id }) => id === reading?.body.device);
  if (taken?.q.dim !== 'mass' || device?.kind !== 'balance' || !takesPart(plan.facts)) return [];
  const share = 1 / stepsIn(taken.q.value, device);
  if (share <= 0.01 + 1e-9) return [];
  return [
    finding(
      'reading.readability',
      share > 0.05 ? 'caution' : 'note',
      { line: plan.facts.line.id, field: 'device' },
      {
        name: nameOf(line),
        net: shown(taken),
        device: device.name,
        share: fact({ dim: 'fraction', value: share }, '%', 2),
      },
    ),
  ];
}

const shown = (amount: Measured) => fact(amount.q, amount.unit, amount.figures);

/**
 * As soon as the reference and another reactant are measured: is the intended one still the one that limits? A substance that
 * several lines bring is one reactant, and is judged once all of them are measured; what the last digits allow is no shortage.
 */
function limiting(issued: Preparation, charge: Omit<BenchCharge, 'findings'>, reaction: Reaction): readonly Finding[] {
  const { lines, plan } = charge;
  const parts = lines.filter(({ plan: one }) => takesPart(one.facts) && one.facts.line.reaction === reaction.id);
  const against = referenceOf(issued, reaction);
  const reference = parts.find(({ plan: one }) => one.facts.line.id === against);
  if (!reference) return [];
  const intended = supplyOf(issued.devices, charge, { parts, reaction }, speciesOf(reference.plan.facts));
  if (!intended) return [];
  const others = [...new Set(parts.map(({ plan: one }) => speciesOf(one.facts)))].filter(
    (id) => id !== intended.species,
  );
  return others.flatMap((species): readonly Finding[] => {
    const found = supplyOf(issued.devices, charge, { parts, reaction }, species);
    if (!found || found.extent >= intended.extent * (1 - found.rounding - intended.rounding - 1e-9)) return [];
    const line = found.lines.at(-1);
    const limit = plan.charge.reactions.get(reaction.id)?.extents.limiting;
    if (!line?.taken || !limit) return [];
    const { facts } = line.plan;
    const lacking = lineAmounts(
      {
        ...limit.extent,
        q: {
          dim: 'amount',
          value: ((intended.extent - found.extent) * found.ν) / (facts.line.delivers?.count ?? 1),
        },
      },
      facts.bottle,
    );
    const missing = lacking[line.taken.q.dim] ?? lacking.amount;
    return [
      finding(
        'reading.short',
        'stop',
        { line: facts.line.id },
        {
          name: nameOf(line),
          intended: nameOf(reference),
          ...(missing ? { missing: fact(missing.q, missing.unit, 2) } : {}),
        },
      ),
    ];
  });
}

/** What all lines of a reactant bring together, once each of them is measured. */
function supplyOf(
  devices: readonly Device[],
  { actual }: Omit<BenchCharge, 'findings'>,
  { parts, reaction }: { readonly parts: readonly BenchLine[]; readonly reaction: Reaction },
  species: string,
) {
  const lines = parts.filter(({ plan }) => speciesOf(plan.facts) === species);
  const ν = leftOf(reaction).find(({ substance }) => substance === species)?.coefficient ?? 1;
  let moles = 0;
  let rounding = 0;
  for (const { taken, plan, readings } of lines) {
    const amount = actual.rows.get(plan.facts.line.id)?.total.amount;
    if (!taken || !amount) return undefined;
    moles += amount.q.value * (plan.facts.line.delivers?.count ?? 1);
    rounding += halfStep(readings, devices) / taken.q.value;
  }
  return lines.length === 0 ? undefined : { species, lines, ν, extent: moles / ν, rounding };
}

/** Half of the last step of a measurement, in the canonical unit; of a difference both readings have one. */
function halfStep({ full, empty, net, volume }: BenchLine['readings'], devices: readonly Device[]): number {
  return [full, empty, net, volume].reduce((sum, one) => {
    if (!one) return sum;
    const device = devices.find(({ id }) => id === one.body.device);
    const decimals = one.body.digits.split('.')[1]?.length ?? 0;
    const step = device && device.unit === one.body.unit ? device.step : String(10 ** -decimals);
    return sum + toCanonical(step, one.body.unit) / 2;
  }, 0);
}
