import { groupsOf, hasGroup } from '../../reference/groups';
import { checks, question, event, lineAt, measureLine, pour } from '../asks';
import { poursOf } from '../answers';
import { madeAt } from '../../worktop/placeId';
import { eventAt } from '../onRecord';
import { lineWords } from '../linesWords';
import { finding } from '../../finding/finding';
import { uncheckedAt } from '../unchecked';
import type { Ask, EventAsk } from '../ask';
import type { Finding } from '../../finding/finding';
import type { Shaking, ShakingParams } from './types';
import type { NamedPart, StepContext } from '../operation';

const setUp = {
  stopcock: 'The funnel hangs in its ring, stopcock closed, a flask under it.',
  cool: 'What goes in is at room temperature.',
  room: 'At most three quarters full with the next portion.',
} as const;

export const shakingCautions = [
  'Invert and vent at once, the tip away from people; vent again after each shake.',
  'Stopper out before draining. Nothing is discarded until the product is weighed.',
] as const;

/** A carbonate goes in open first; a liquid of another kind needs no such word. */
export function openFirst({ bench: { doc }, params: { line } }: StepContext<ShakingParams>): readonly string[] {
  const substance = doc.substances.find(({ id }) => id === doc.lines.find((one) => one.id === line)?.substance);
  return substance !== undefined && hasGroup(groupsOf(substance), 'carbonate', 'bicarbonate')
    ? ['Into the open funnel in portions, swirled until the fizzing slackens; only then the stopper.']
    : [];
}

const roundsOf = (context: StepContext<ShakingParams>) =>
  lineAt(context, context.params.line)?.plan.facts.portions ?? 1;

/** What goes in, portion by portion: " with 2 × 15.0 mL water, one after the other". */
export function portionsWords(context: StepContext<ShakingParams>): string {
  const { line } = context.params;
  return ` with ${lineWords(context, line)}${roundsOf(context) > 1 ? ', one after the other' : ''}`;
}

/** Rounds had their number in the name. */
export function readShaking(name: string): NamedPart | undefined {
  const [, event, round] = /^(shaken|separated)-(\d{1,3})$/.exec(name) ?? [];
  return event === undefined ? undefined : { name: event, round: Number(round) };
}

export function shakingOf(context: StepContext<ShakingParams>): Shaking {
  const upper = eventAt(context, 'upper');
  const lower = eventAt(context, 'lower');
  const foundAt = upper ?? lower;
  const shaken = eventAt(context, 'shaken', { round: 1 });
  return {
    rounds: Array.from({ length: roundsOf(context) }, (_, i) => {
      const separated = eventAt(context, 'separated', { round: i + 1 });
      return { round: i + 1, ...(separated ? { separated } : {}) };
    }),
    ...(foundAt ? { foundAt, found: upper ? 'upper' : 'lower' } : {}),
    ...(shaken ? { shaken } : {}),
  };
}

/** Everything a funnel asks for: checks, the liquid, each round with venting, and once which layer is which. */
export function shakingAsks(context: StepContext<ShakingParams>, keeps: string, off: 'to' | 'waste'): readonly Ask[] {
  const rounds = roundsOf(context);
  return [
    ...checks(context, setUp),
    ...measureLine(context, context.params.line),
    ...Array.from({ length: rounds }, (_, i) => i + 1).flatMap((round): readonly Ask[] => {
      const shake = rounds > 1 ? `Round ${round} of ${rounds}: shake, venting often.` : 'Shake, venting often.';
      const separated = event(context, 'separated', keeps, 'Separated and labelled', { round });
      const parts = [
        event(context, 'shaken', shake, 'No more hiss', { round }),
        ...(round === 1 ? [layerAsk(context)] : []),
        separated,
      ];
      return funnelAsks(context, { round, parts, separated, off });
    }),
  ];
}

interface FunnelRound {
  readonly round: number;
  readonly parts: readonly EventAsk[];
  readonly separated: EventAsk;
  /** Slot that the layer goes into which leaves the funnel. */
  readonly off: 'to' | 'waste';
}

/** The funnel as it lies in front of the group, and what is poured out of it. */
function funnelAsks(
  context: StepContext<ShakingParams>,
  { round, parts, separated, off }: FunnelRound,
): readonly Ask[] {
  const { step, bench } = context;
  const [funnel, to] = [step.uses?.['in'] ?? madeAt(step.id, 'in'), step.uses?.[off] ?? madeAt(step.id, off)];
  const capacity_mL = bench.doc.vessels.find(({ id }) => id === funnel)?.capacity_mL;
  const out = pour(context, { at: { round, n: 1 }, from: funnel, to: [to], what: ['upper', 'lower'] }, separated);
  return [
    {
      kind: 'panel',
      id: `funnel-${round}`,
      panel: { kind: 'funnel', in: funnel, round, ...(capacity_mL === undefined ? {} : { capacity_mL }) },
      offers: poursOf(context, out).map((body) => ({ id: `${body.what}-${round}`, says: offers[body.what], body })),
      parts,
      done: parts.every(({ done }) => done),
    },
    out,
  ];
}

const offers = {
  upper: 'Pour the upper layer off',
  lower: 'Run the lower layer off',
  all: 'Pour everything over',
  part: 'Pour a part over',
} as const;

/** The drop test decides, not memory. */
export function layerAsk(context: StepContext): EventAsk {
  return question(
    context,
    'Let a few drops of water fall in: where do they join? The organic layer is the other one.',
    [
      { name: 'upper', button: 'Organic is the upper one' },
      { name: 'lower', button: 'Organic is the lower one' },
    ],
  );
}

export function shakingFindings(
  { found, shaken }: Shaking,
  context: StepContext<ShakingParams>,
  title: string,
): readonly Finding[] {
  const { organic } = context.params;
  return [
    ...uncheckedAt(context, title, setUp, shaken),
    ...(found !== undefined && found !== organic
      ? [finding('layers.other', 'caution', { step: context.step.id, field: 'layers' }, { found, expected: organic })]
      : []),
  ];
}
