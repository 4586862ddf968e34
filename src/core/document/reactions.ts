import type { ChargeLine, Preparation } from './document';
import type { Reaction, Term } from './reaction';
import type { Stage } from './steps';

type Reacting = Pick<Preparation, 'reactions' | 'stages' | 'lines' | 'substances'>;

export const leftOf = ({ terms }: Pick<Reaction, 'terms'>): readonly Term[] =>
  terms.filter(({ side }) => side === 'left');
export const rightOf = ({ terms }: Pick<Reaction, 'terms'>): readonly Term[] =>
  terms.filter(({ side }) => side === 'right');

/** Terms of all reactions. */
export const termsOf = ({ reactions }: Pick<Preparation, 'reactions'>): readonly Term[] =>
  reactions.flatMap(({ terms }) => terms);

/** The reaction that a line goes into. */
export function reactionOf({ reactions }: Pick<Preparation, 'reactions'>, line: ChargeLine): Reaction | undefined {
  return line.reaction === undefined ? undefined : reactions.find(({ id }) => id === line.reaction);
}

/** Line that equivalents of a reaction's lines refer to. */
export function referenceOf(
  { reference }: Pick<Preparation, 'reference'>,
  reaction: Reaction | undefined,
): string | undefined {
  return reaction?.reference ?? reference;
}

/** The line that feeds a reaction from an earlier stage: its reference, if that one does. */
export function supplyOf(
  { lines, reference }: Pick<Preparation, 'lines' | 'reference'>,
  reaction: Reaction,
): ChargeLine | undefined {
  const supplied = lines.filter(({ supply, reaction: into }) => supply !== undefined && into === reaction.id);
  return supplied.find(({ id }) => id === (reaction.reference ?? reference)) ?? supplied[0];
}

/** The stage from the charge that a stage goes back to. */
export function rootOf({ stages }: Pick<Preparation, 'stages'>, stage: Stage): Stage {
  const { origin } = stage;
  const earlier = origin?.by === 'stage' ? stages.find(({ id }) => id === origin.stage) : undefined;
  return earlier ? rootOf({ stages }, earlier) : stage;
}

/** The reaction that a stage comes from, over all that was purified on the way. */
export function reactionBehind(doc: Pick<Preparation, 'reactions' | 'stages'>, stage: Stage): Reaction | undefined {
  const { origin } = rootOf(doc, stage);
  return origin?.by === 'reaction' || origin?.by === 'byProduct'
    ? doc.reactions.find(({ id }) => id === origin.reaction)
    : undefined;
}

/** Reactions that one rests on: those that its lines' stages come from, and those that make what no line of it brings. */
export function feeding(doc: Reacting, reaction: Reaction): readonly Reaction[] {
  const own = doc.lines.filter((line) => line.reaction === reaction.id);
  const stages = own.flatMap(({ supply }) => doc.stages.filter(({ id }) => id === supply?.stage));
  const isolated = stages.flatMap((stage) => reactionBehind(doc, stage) ?? []);
  const brought = new Set(own.map((line) => line.delivers?.substance ?? line.substance));
  const bare = leftOf(reaction).filter(({ substance }) => !brought.has(substance));
  const inPlace = bare.flatMap(({ substance }) => makerOf(doc, reaction, substance) ?? []);
  return [...new Set([...isolated, ...inPlace])].filter((one) => one !== reaction);
}

/** Whether a substance is water, and a line brings some: as itself, or as what something is dissolved in. It never limits. */
export function isWaterAtHand({ substances, lines }: Reacting, id: string): boolean {
  const isWater = (other: string) => substances.some((one) => one.id === other && one.formula === 'H2O');
  return (
    isWater(id) &&
    lines.some(
      ({ substance, strength, solvent }) =>
        isWater(substance) || (strength !== undefined && (solvent === undefined || isWater(solvent))),
    )
  );
}

/**
 * The reaction that makes a substance which another one takes without a line that brings it. Where there is water anyway, nobody waits for
 * what a reaction makes of it.
 */
export function makerOf(doc: Reacting, reaction: Reaction, substance: string): Reaction | undefined {
  if (isWaterAtHand(doc, substance)) return undefined;
  return doc.reactions.find((one) => one !== reaction && rightOf(one).some((term) => term.substance === substance));
}

/** Reactions in an order in which each comes after those that feed it. A circle is cut where it is met. */
export function inOrder(doc: Reacting): readonly Reaction[] {
  const done: Reaction[] = [];
  const visit = (reaction: Reaction, above: readonly Reaction[]) => {
    if (done.includes(reaction) || above.includes(reaction)) return;
    feeding(doc, reaction).forEach((one) => visit(one, [...above, reaction]));
    done.push(reaction);
  };
  doc.reactions.forEach((reaction) => visit(reaction, []));
  return done;
}

/** Reactions that are fed, over others, by what they make themselves: nobody could begin. */
export function circling(doc: Reacting): readonly Reaction[] {
  const order = inOrder(doc);
  return doc.reactions.filter((reaction) =>
    feeding(doc, reaction).some((one) => order.indexOf(one) > order.indexOf(reaction)),
  );
}

/** The reaction that makes what the preparation is for: the one behind its last stage, else the last one. */
export function mainReaction(doc: Reacting): Reaction | undefined {
  const last = doc.stages.at(-1);
  return (last && reactionBehind(doc, last)) ?? inOrder(doc).at(-1);
}
