import { foreseeSteps } from '../process/predictProcess';
import { acidAmount, carbonDioxide } from '../hazard/gas';
import { derive } from '../stoichiometry/derive';
import { fact, finding } from '../finding/finding';
import { fromWorked } from '../quantity/worked';
import { kinds } from '../hazard/materials';
import { meetings } from '../hazard/meetings';
import { groupsOf, hasGroup } from '../reference/groups';
import { quenchOf } from './quenching';
import { sortOf } from './sortOf';
import { bicarbonateFor } from './neutralizing';
import { ofProcess } from './ofProcess';
import { residues } from './residues';
import { apartStreams, wasteStreamIds, wasteStreams } from '../reference/wasteStreams';
import type { Finding } from '../finding/finding';
import type { Plan } from '../plan/planTypes';
import type { Foreseen } from '../process/predictProcess';
import type { Foreseeable } from '../worktop/worktop';
import type { Pour } from './pours';
import type { Residue } from './residues';
import type { RuleId } from '../words/rules';
import type { WasteStream } from '../reference/wasteStreams';
import type { Worked } from '../quantity/worked';

/** One waste stream of a plan. */
export interface StreamPlan {
  readonly stream: WasteStream;
  readonly residues: readonly Residue[];
  /** One bench. */
  readonly mass?: Worked<'mass'>;
  /** Liquids of one bench whose volume is known. */
  readonly volume?: Worked<'volume'>;
  /** All benches. */
  readonly classMass?: Worked<'mass'>;
  readonly classVolume?: Worked<'volume'>;
  /** Base in excess of one bench, mol; negative of acid. */
  readonly excess_mol?: number;
  /** Less than a tenth of a millilitre, or of a gram: rinsings. What goes apart at any amount never is. */
  readonly traces?: true;
}

/** Waste of a plan, stream by stream, with what must not meet in a bottle. */
export interface WastePlan {
  readonly streams: readonly StreamPlan[];
  /** By vessel and layer, where a procedure says what is where. */
  readonly pours: readonly Pour[];
  readonly findings: readonly Finding[];
}

/**
 * What each waste stream receives: by vessel and layer at the end of the procedure, what was lost on the way included; with what is kept,
 * what left as gas and what went into samples it adds up to what was charged. Before there is a procedure, what the equation leaves at
 * full conversion.
 *
 * @param foreseen of this very plan, where it is at hand
 */
export function wastePlan(plan: Foreseeable, foreseen: Foreseen = foreseeSteps(plan)): WastePlan {
  const poured = plan.doc.steps.length > 0 ? ofProcess(foreseen) : undefined;
  const all = (poured?.residues ?? residues(plan)).filter(({ mass }) => mass === undefined || mass.q.value > 0);
  const streams = wasteStreamIds
    .map((stream) =>
      streamPlan(
        plan,
        stream,
        all.filter((one) => one.stream === stream),
        poured?.excess.find((one) => one.stream === stream)?.excess_mol,
      ),
    )
    .filter(({ residues: held }) => held.length > 0);
  return {
    streams,
    pours: poured?.pours ?? [],
    findings: [...streams.flatMap((one) => streamFindings(plan, one)), ...(poured?.findings ?? []), ...unassigned(all)],
  };
}

// Below it there is nothing to pour, only glass to rinse.
const least = { mL: 0.1, g: 0.1 };

function streamPlan(
  { doc }: Pick<Plan, 'doc'>,
  stream: WasteStream,
  held: readonly Residue[],
  excess_mol?: number,
): StreamPlan {
  const mass = total(
    'mass',
    'g',
    held.flatMap((one) => one.mass ?? []),
  );
  const volume = total(
    'volume',
    'mL',
    held.flatMap((one) => one.volume ?? []),
  );
  const forClass = <D extends 'mass' | 'volume'>(one: Worked<D>, unit: string): Worked<D> =>
    derive({
      formula: 'classTotal',
      dim: one.q.dim,
      unit,
      value: one.q.value * doc.benches,
      inputs: {
        x_1: fromWorked(one),
        N: { q: { dim: 'number', value: doc.benches }, unit: '', figures: 2, source: { at: 'setting', id: 'benches' } },
        f: { q: { dim: 'fraction', value: 0 }, unit: '%', figures: 1, source: { at: 'setting', id: 'spare' } },
      },
      figures: 2,
      quotient: false,
    });
  const rinsing = volume ? volume.q.value < least.mL : (mass?.q.value ?? Infinity) < least.g;
  return {
    stream,
    residues: held,
    ...(excess_mol === undefined ? {} : { excess_mol }),
    ...(rinsing && !apartStreams.includes(stream) ? { traces: true } : {}),
    ...(mass ? { mass, classMass: forClass(mass, mass.q.value * doc.benches >= 1000 ? 'kg' : 'g') } : {}),
    ...(volume ? { volume, classVolume: forClass(volume, volume.q.value * doc.benches >= 100 ? 'L' : 'mL') } : {}),
  };
}

function total<D extends 'mass' | 'volume'>(dim: D, unit: string, parts: readonly Worked<D>[]): Worked<D> | undefined {
  if (parts.length === 0) return undefined;
  return derive({
    formula: dim === 'mass' ? 'streamMass' : 'streamVolume',
    dim,
    unit,
    value: parts.reduce((sum, one) => sum + one.q.value, 0),
    inputs: Object.fromEntries(parts.map((one, i) => [`${dim === 'mass' ? 'm' : 'V'}_${i + 1}`, fromWorked(one)])),
    figures: 2,
    quotient: false,
  });
}

const names = (all: readonly Residue[]) => [...new Set(all.map(({ substance }) => substance.name))].join('; ');

// What clings to glass is no reason for a word, g.
const worthAWord_g = 0.02;

function streamFindings({ doc }: Pick<Plan, 'doc'>, { stream, residues: all }: StreamPlan): readonly Finding[] {
  const held = all.filter(({ origin, mass }) => origin !== 'poured' || (mass?.q.value ?? 0) >= worthAWord_g);
  const about = { field: `waste/${stream}` };
  const label = wasteStreams[stream].name;
  const pairs = meetings.flatMap(({ a, b, inWaste, with: third }) => {
    if (third !== undefined && !held.some(({ substance }) => kinds[third](substance))) return [];
    // What the sheet pours into water is an acid by the time it is waste.
    const ones = held.filter(
      ({ substance, origin, spent }) =>
        !spent && kinds[a](substance) && !(a === 'hydrolysing' && (origin === 'unreacted' || origin === 'poured')),
    );
    // What stood in one layer has met already.
    const others = held.filter(
      ({ substance, spent, pour }) =>
        !spent &&
        kinds[b](substance) &&
        !ones.some((one) => one.substance.id === substance.id) &&
        ones.some((one) => pour === undefined || one.pour !== pour),
    );
    if (ones.length === 0 || others.length === 0) return [];
    return [
      finding(
        'waste.incompatible',
        'caution',
        { ...about, item: `${a}-${b}` },
        { stream: label, a: names(ones), b: names(others), why: inWaste },
      ),
    ];
  });
  return [
    ...pairs,
    ...haloform(held, label, about),
    ...toNeutralize(stream, held, label),
    ...toQuench(stream, held, label),
    ...reactive(
      stream,
      doc.lines.some(({ role }) => role === 'quench') ? held.filter(isStill) : held.filter(({ spent }) => !spent),
      label,
    ),
  ];
}

function haloform(held: readonly Residue[], stream: string, about: Finding['about']): readonly Finding[] {
  const chloroform = held.find(({ substance }) => hasGroup(groupsOf(substance), 'chloroform'));
  const ketone = held.find(({ substance }) => hasGroup(groupsOf(substance), 'ketone'));
  const base = held.find(({ substance }) => kinds.hydroxide(substance));
  if (!chloroform || !ketone || !base) return [];
  const b = names([ketone, base]);
  return [
    finding(
      'waste.incompatible',
      'caution',
      { ...about, item: 'haloform' },
      { stream, a: chloroform.substance.name, b, why: 'they react violently' },
    ),
  ];
}

/** Acid that has to be neutralized before it goes into the bottle, and the gas that bicarbonate would make of it. */
function toNeutralize(stream: WasteStream, held: readonly Residue[], label: string): readonly Finding[] {
  if (stream !== 'aqueous' || held.some(({ origin }) => origin === 'poured')) return [];
  const acids = held
    .filter(
      ({ substance, amount, origin }) => kinds.acid(substance) && (amount !== undefined || origin === 'unreacted'),
    )
    .flatMap((one) => counted(one) ?? []);
  if (acids.length === 0) return [];
  const acid = acidAmount(acids);
  const gas = carbonDioxide({ groups: { bicarbonate: 1 }, amount: acid }, acids);
  if (!gas || acid.q.value === 0) return [];
  return [
    finding(
      'waste.acidToNeutralize',
      'note',
      { field: `waste/${stream}` },
      {
        stream: label,
        acid: fact(acid.q, acid.q.value >= 1 ? 'mol' : 'mmol', 2),
        gas: fact(gas.q, 'L', 2),
        with: fact(bicarbonateFor(acid.q.value), 'g', 2),
      },
    ),
  ];
}

function counted({ substance: { formula, groups }, amount, mass, line }: Residue) {
  if (amount) return [{ formula, groups, amount }];
  const M = mass?.inputs['M'];
  if (!mass || !M || line === undefined) return undefined;
  const left = derive({
    formula: 'amountFromMass',
    dim: 'amount',
    unit: 'mmol',
    value: mass.q.value / M.q.value,
    inputs: {
      m: fromWorked(mass),
      w: { q: { dim: 'number', value: 1 }, unit: '', figures: 1, source: { at: 'setting', id: 'pure' } },
      M,
    },
    figures: 2,
  });
  return [{ formula, groups, amount: left }];
}

function toQuench(stream: WasteStream, held: readonly Residue[], label: string): readonly Finding[] {
  return stream === 'oxidizer'
    ? [finding('waste.quenchFirst', 'caution', { field: `waste/${stream}` }, { stream: label, names: names(held) })]
    : [];
}

/** What a quench has not taken apart already: water takes acid chlorides and anhydrides, nothing else here. */
const isStill = ({ substance, origin, spent }: Residue) =>
  !spent && !(origin === 'unreacted' && kinds.hydrolysing(substance));

/** What reacts with water or air: quenched first, each in its own way. */
function reactive(stream: WasteStream, held: readonly Residue[], label: string): readonly Finding[] {
  const found = new Map<RuleId, Residue[]>();
  for (const one of held) {
    const rule = quenchOf(one.substance)?.rule;
    if (rule) found.set(rule, [...(found.get(rule) ?? []), one]);
  }
  return [...found].map(([rule, all]) =>
    finding(rule, 'caution', { field: `waste/${stream}` }, { stream: label, names: names(all) }),
  );
}

/** Nobody said where it goes, and nothing known of it tells; water and what models make for themselves need no word. */
const isUnsaid = ({ substance, invented }: Residue) => !invented && sortOf(substance) === undefined;

function unassigned(all: readonly Residue[]): readonly Finding[] {
  const without = all.filter(
    (one) => one.stream === undefined && isUnsaid(one) && (one.mass !== undefined || one.origin === 'charged'),
  );
  return without.length === 0
    ? []
    : [finding('waste.unassigned', 'note', { field: 'waste' }, { names: names(without) })];
}
