import { documentOf } from '../preparations';
import { capital } from '@/core/capital';
import { taken } from '../library';
import { writePreparation } from '@/core/formats/writePreparation';
import type { ChargeLine, Entered, PlannedVessel, Preparation, LineRole, Substance } from '@/core/document/document';
import type { Extent, Term } from '@/core/document/reaction';
import type { Origin, Stage, Step } from '@/core/document/steps';

/** What an author writes of a job, in a few words for each thing. */
export interface Job {
  readonly title: string;
  /** Substances that no library has. */
  readonly own?: Readonly<Record<string, Omit<Substance, 'id'>>>;
  /** Library entries, by the id that the job gives them. @default the line's own name */
  readonly from?: Readonly<Record<string, string>>;
  /** id: equation, product, steps in which it runs with how far. */
  readonly reactions: Readonly<
    Record<
      string,
      readonly [equation: string, product: string, runs: Readonly<Record<string, Extent | null>>, reference?: string]
    >
  >;
  readonly reference: string;
  /** id: role, amount ("5.0 g", "1.2 equiv", "all"), and the rest; the substance is the line's id unless it says otherwise. */
  readonly lines: Readonly<
    Record<string, readonly [role: LineRole, amount: string, more?: Partial<ChargeLine> & { readonly bottle?: string }]>
  >;
  /** id: kind and size. */
  readonly vessels: Readonly<Record<string, readonly [kind: PlannedVessel['kind'], mL: number]>>;
  /** id: name, substance, origin. */
  readonly stages: Readonly<
    Record<string, readonly [name: string, substance: string, origin: Origin, measure?: Stage['measure']]>
  >;
  /** id: operation, parameters, vessels, and the rest. */
  readonly steps: Readonly<
    Record<string, readonly [op: string, params: Step['params'], uses?: Step['uses'], more?: Partial<Step>]>
  >;
}

const termsOf = (equation: string): readonly Term[] =>
  equation.split('=').flatMap((half, i) =>
    half.split(' + ').map((one) => {
      const [, count = '1', id = ''] = /^\s*(?:(\d+) )?(\S+)\s*$/.exec(one) ?? [];
      return { substance: id, side: i === 0 ? ('left' as const) : ('right' as const), coefficient: Number(count) };
    }),
  );

function enteredOf(amount: string): Entered {
  if (amount === 'all') return { by: 'expected', percent: '80' };
  const [, digits = '', unit = ''] = /^([\d.]+) (.+)$/.exec(amount) ?? [];
  if (unit === 'equiv') return { by: 'equivalents', digits };
  if (digits === '') return { by: 'words', text: amount };
  return { by: /L$/.test(unit) ? 'volume' : /mol$/.test(unit) ? 'amount' : 'mass', digits, unit };
}

/** The document that a job is, read by the reader that everybody's documents go through. */
export function jobDocument({
  title,
  own = {},
  from = {},
  reactions,
  reference,
  lines,
  vessels,
  stages,
  steps,
}: Job): Preparation {
  const bottles = new Map<string, Partial<ChargeLine>>();
  const chargeLines = Object.entries(lines).map(([id, [role, amount, { bottle, ...more } = {}]]): ChargeLine => {
    const substance = more.substance ?? id;
    const solution = bottle === undefined ? undefined : taken(bottle);
    if (solution) bottles.set(id, solution.bottle);
    const { device: _device, ...held } = solution?.bottle ?? {};
    return { id, substance, role, entered: enteredOf(amount), ...held, ...more };
  });
  const equations = Object.entries(reactions).map(([id, [equation, product, runs, limits]]) => ({
    id,
    name: id,
    terms: termsOf(equation),
    product,
    ...(limits === undefined ? {} : { reference: limits }),
    runs: Object.entries(runs).map(([step, to]) => ({ step, ...(to ? { to } : {}) })),
  }));
  const named = new Set([
    ...chargeLines.flatMap(({ substance, contains = [], solvent, delivers }) => [
      substance,
      ...contains.map((one) => one.substance),
      ...(solvent === undefined ? [] : [solvent]),
      ...(delivers ? [delivers.substance] : []),
    ]),
    ...equations.flatMap(({ terms }) => terms.map(({ substance }) => substance)),
    ...Object.values(stages).map(([, substance]) => substance),
    ...Object.values(steps).flatMap(([, { solvent }]) =>
      typeof solvent === 'string' && !(solvent in lines) ? [solvent] : [],
    ),
  ]);
  const doc: Preparation = {
    format: 'mozle-preparation',
    formatVersion: 3,
    title,
    summary: '',
    protection: 'Goggles, coat, gloves.',
    substances: [...named].map((id): Substance => {
      const mine = own[id];
      return mine ? { id, ...mine } : { ...taken(from[id] ?? id).substance, id };
    }),
    reactions: equations,
    reference,
    lines: chargeLines,
    vessels: Object.entries(vessels).map(([id, [kind, capacity_mL]]) => ({
      id,
      name: vesselName(id, kind),
      kind,
      capacity_mL,
    })),
    devices: [],
    stages: Object.entries(stages).map(([id, [name, substance, origin, measure = 'mass']]) => ({
      id,
      name,
      substance,
      origin,
      measure,
    })),
    steps: Object.entries(steps).map(([id, [op, params, uses, more = {}]]) => ({
      id,
      op,
      opVersion: 1,
      params,
      ...(uses ? { uses } : {}),
      time: { typical_min: 10, attended: true },
      ...more,
    })),
    pin: { at: 'factor', digits: '1' },
    benches: 4,
    spare_percent: 10,
  };
  return documentOf(writePreparation(doc));
}

/** A vessel as its label on the bench would say: what it holds, and what it is. */
function vesselName(id: string, kind: PlannedVessel['kind']): string {
  const noun = kind.split(' ').at(-1) ?? kind;
  const words = id.split('-');
  const name =
    words.includes(noun) || kind.startsWith(id) ? [...(kind.startsWith(id) ? [kind] : words)] : [...words, noun];
  return capital(name.join(' '));
}

/** A value that its author brings. */
export const datum = (digits: string) => ({ digits, source: 'author', check: 'from memory' as const });
/** How far, in per cent. */
export const percent = (low: string, typical: string, high: string): Extent => ({
  by: 'conversion',
  percent: { low, typical, high },
});
