import { changed } from '../changed';
import { charge } from '../operations/charge';
import { freeId } from './freeId';
import { pruned } from './pruned';
import { stepsWithout, withSteps } from './steps';
import { contentOf } from '../document/steps';
import { inOrder, leftOf } from '../document/reactions';
import { usualRun } from '../operations/usualRun';
import type { Change } from '../changed';
import type { Device } from '../quantity/device';
import type { FromReference } from './fromReference';
import type { Reaction, Term } from '../document/reaction';
import type { Step } from '../document/steps';
import type {
  ChargeLine,
  Pin,
  PlannedVessel,
  Preparation,
  LineRole,
  Solubility,
  Substance,
} from '../document/document';

/** Moves the pin: the one choice everything else follows from. */
export function setPin(doc: Preparation, pin: Pin): Preparation {
  return { ...doc, pin };
}

/** Changes what is pinned. Another field may have changed it since it was shown: what that did stands. */
export function changePin<P extends Pin>(doc: Preparation, shown: P, change: Partial<Omit<P, 'at'>>): Preparation {
  const { pin } = doc;
  const same = pin.at === shown.at && (pin.at !== 'line' || shown.at !== 'line' || pin.line === shown.line);
  return setPin(doc, { ...(same ? pin : shown), ...change });
}

/** A change, or what it is of the thing as it stands by then: of what a page shows another field may have changed a part since. */
export type ChangeOf<T> = Change<T> | ((now: T) => Change<T>);
const changeOf = <T extends object>(now: T, change: ChangeOf<T>): T =>
  changed(now, typeof change === 'function' ? change(now) : change);

/** Changes one line of the charge table. One that becomes a reactant goes into the reaction, if there is only one to choose. */
export function changeLine(doc: Preparation, id: string, change: ChangeOf<ChargeLine>): Preparation {
  return { ...doc, lines: doc.lines.map((line) => (line.id === id ? placed(doc, changeOf(line, change)) : line)) };
}

const reacting = (role: LineRole) => role === 'reactant' || role === 'reagent in excess';

function placed({ reactions }: Preparation, line: ChargeLine): ChargeLine {
  const [only, ...others] = reactions;
  const reacts = reacting(line.role) || line.role === 'catalyst';
  return only && others.length === 0 && reacts && line.reaction === undefined ? { ...line, reaction: only.id } : line;
}

/** Changes a substance everywhere in the preparation. */
export function changeSubstance(doc: Preparation, id: string, change: Change<Substance>): Preparation {
  return { ...doc, substances: doc.substances.map((one) => (one.id === id ? changed(one, change) : one)) };
}

/** Changes a step. */
export function changeStep(doc: Preparation, id: string, change: ChangeOf<Step>): Preparation {
  return { ...doc, steps: doc.steps.map((step) => (step.id === id ? changeOf(step, change) : step)) };
}

/** What a step's models are to take for granted. In the unit of the assumption; the range is widened to hold the value. */
export interface Assumed {
  readonly key: string;
  readonly low: number;
  readonly typical: number;
  readonly high: number;
}

/** Writes down at some steps what their models take for granted. */
export function assume(doc: Preparation, steps: readonly string[], { key, low, typical, high }: Assumed): Preparation {
  const range = { low: Math.min(low, typical), typical, high: Math.max(high, typical) };
  return {
    ...doc,
    steps: doc.steps.map((step) =>
      steps.includes(step.id) ? { ...step, assume: { ...step.assume, [key]: range } } : step,
    ),
  };
}

/** Changes a vessel. */
export function changeVessel(doc: Preparation, id: string, change: Change<PlannedVessel>): Preparation {
  return { ...doc, vessels: doc.vessels.map((one) => (one.id === id ? changed(one, change) : one)) };
}

/** Sets the coefficient of one term of a reaction's equation. */
export function setCoefficient(doc: Preparation, reaction: string, term: Term): Preparation {
  return changeReaction(doc, reaction, (one) => ({
    terms: one.terms.map((old) => (old.substance === term.substance && old.side === term.side ? term : old)),
  }));
}

/** Makes a line the one that is meant to limit: of its own reaction, and of the whole when that is the first of the reactions. */
export function setReference(doc: Preparation, line: string): Preparation {
  const into = doc.lines.find(({ id }) => id === line)?.reaction;
  const first = inOrder(doc)[0]?.id;
  if (into === undefined || into === first)
    return {
      ...(into === undefined ? doc : changeReaction(doc, into, () => ({ reference: undefined }))),
      reference: line,
    };
  return changeReaction(doc, into, () => ({ reference: line }));
}

/** Changes a reaction. */
export function changeReaction(
  doc: Preparation,
  id: string,
  change: (reaction: Reaction) => Change<Reaction>,
): Preparation {
  return { ...doc, reactions: doc.reactions.map((one) => (one.id === id ? changed(one, change(one)) : one)) };
}

/** A document that got a line, and which. */
export interface Added {
  readonly doc: Preparation;
  readonly line: string;
}

/**
 * Adds a line at the end, and a step that charges it where it does not wait for the work-up; a reactant also joins an equation's left side. A substance that the document knows
 * by this name is meant.
 */
export function addLine(doc: Preparation, name: string, role: LineRole): Added {
  const called = name.trim().toLowerCase();
  const known = doc.substances.find((one) => one.name.trim().toLowerCase() === called);
  const id = known?.id ?? freeId(name, doc.substances);
  return addLineOf({ ...doc, substances: known ? doc.substances : [...doc.substances, { id, name }] }, id, name, role);
}

/** Adds a line filled from the reference. A substance that the document already took from there is used again. */
export function addLineFrom(
  doc: Preparation,
  { substance, bottle, curves = [] }: FromReference,
  role: LineRole,
): Added {
  const known = doc.substances.find(({ reference }) => reference === substance.reference);
  const id = known?.id ?? freeId(substance.name, doc.substances);
  const solubility = curvesIn(doc, curves);
  const substances = known
    ? doc.substances
    : [...doc.substances, { ...substance, id, ...(solubility.length > 0 ? { solubility } : {}) }];
  const { doc: added, line } = addLineOf({ ...doc, substances }, id, substance.name, role);
  const liquid = substance.form === 'liquid';
  const entered: Partial<ChargeLine> = liquid ? { entered: { by: 'volume', digits: '1.0', unit: 'mL' } } : {};
  return { line, doc: changeLine(added, line, { ...bottle, ...entered }) };
}

/** Fills the substance of a line from the reference, everywhere it is used, and says what the line's bottle holds. */
export function takeReference(
  doc: Preparation,
  line: string,
  { substance, bottle, curves = [] }: FromReference,
): Preparation {
  const found = doc.lines.find(({ id }) => id === line);
  if (!found) return doc;
  const known = doc.substances.find((one) => one.id !== found.substance && one.reference === substance.reference);
  const alone = doc.lines.every((one) => one === found || one.substance !== found.substance);
  // One that nobody has chosen yet turns out to be a substance that is there.
  if (known && alone && found.reaction === undefined)
    return pruned(changeLine(doc, line, { substance: known.id, strength: undefined, density: undefined, ...bottle }));
  const { solubility: old = [] } = doc.substances.find(({ id }) => id === found.substance) ?? {};
  const taken = curvesIn(doc, curves);
  // What somebody wrote down of another solvent stays.
  const solubility = [...taken, ...old.filter(({ solvent }) => !taken.some((one) => one.solvent === solvent))];
  const filled: Substance = { ...substance, id: found.substance, ...(solubility.length > 0 ? { solubility } : {}) };
  const substances = doc.substances.map((one) => (one.id === found.substance ? filled : one));
  return changeLine({ ...doc, substances }, line, { strength: undefined, density: undefined, ...bottle });
}

/** Curves whose solvent the document holds, with the solvent's id in it. */
function curvesIn({ substances }: Preparation, curves: readonly Solubility[]): readonly Solubility[] {
  return curves.flatMap(({ solvent, points }) => {
    const here = substances.find(({ reference, id }) => reference === solvent || id === solvent);
    return here ? [{ solvent: here.id, points }] : [];
  });
}

/** Measures a line with a device of the lab, which the document then holds too. */
export function measureWith(doc: Preparation, line: string, device: Device | undefined): Preparation {
  const known = device === undefined || doc.devices.some(({ id }) => id === device.id);
  const devices = known ? doc.devices : [...doc.devices, device];
  return changeLine({ ...doc, devices }, line, { device: device?.id });
}

// What is charged as it comes into the table; the rest is taken by the steps of the work-up.
const charged: ReadonlySet<LineRole> = new Set<LineRole>([
  'reactant',
  'material',
  'reagent in excess',
  'catalyst',
  'solvent',
  'aid',
]);

function addLineOf(doc: Preparation, substance: string, name: string, role: LineRole): Added {
  const line = freeId(name, doc.lines);
  const joins = reacting(role);
  const { reactions, into } = joins ? joined(doc, substance) : { reactions: doc.reactions, into: undefined };
  const added: ChargeLine = {
    id: line,
    substance,
    role,
    ...(into === undefined ? {} : { reaction: into }),
    entered: { by: 'mass', digits: '1.00', unit: 'g' },
  };
  return {
    line,
    doc: {
      ...doc,
      reactions,
      lines: [...doc.lines, placed({ ...doc, reactions }, added)],
      ...(doc.reference === undefined || (joins && !isReactant(doc, doc.reference)) ? { reference: line } : {}),
      steps: charged.has(role) ? withCharge(doc.steps, line) : doc.steps,
    },
  };
}

const isReactant = ({ lines }: Preparation, id: string) => lines.some((line) => line.id === id && reacting(line.role));

/** The reactions after a substance joined the left side of the one that waits for it, or of the last; the first reactant begins one. */
function joined(
  doc: Preparation,
  substance: string,
): { readonly reactions: readonly Reaction[]; readonly into: string } {
  const term: Term = { substance, side: 'left', coefficient: 1 };
  const brought = (id: string) =>
    doc.lines.some((line) => line.reaction === id && (line.delivers?.substance ?? line.substance) === substance);
  const waiting = doc.reactions.find(
    (one) => leftOf(one).some((term) => term.substance === substance) && !brought(one.id),
  );
  const into = waiting ?? doc.reactions.at(-1);
  if (!into) {
    const product = doc.stages.at(-1)?.substance;
    const begun: Reaction = {
      id: 'reaction',
      name: 'Reaction',
      terms: [term],
      ...(product === undefined ? {} : { product }),
      runs: [],
    };
    return { reactions: [begun], into: begun.id };
  }
  const takes = leftOf(into).some((one) => one.substance === substance);
  const reactions = doc.reactions.map((one) =>
    one === into && !takes ? { ...one, terms: [...one.terms, term] } : one,
  );
  return { reactions, into: into.id };
}

/**
 * Removes a line, its substance when nothing else needs it, and the steps that make no sense without it. A pin on the line falls back to the scale as written, the
 * reference to the first line that remains.
 */
export function removeLine(doc: Preparation, id: string): Preparation {
  const gone = doc.lines.find((line) => line.id === id);
  const lines = doc.lines.filter((line) => line.id !== id);
  if (!gone) return doc;
  const used = lines.some((line) => line.substance === gone.substance || line.delivers?.substance === gone.substance);
  const bare = withSteps(doc, stepsWithout(doc.steps, { kind: 'line', id }));
  const kept = used ? bare.reactions : bare.reactions.map((reaction) => withoutReactant(reaction, gone.substance));
  const next = (lines.find(({ role }) => role === 'reactant') ?? lines[0])?.id;
  return pruned({
    ...(doc.reference === id ? changed(bare, { reference: next }) : bare),
    lines: lines.map((line) =>
      line.entered.by === 'perMass' && line.entered.of === id
        ? { ...line, entered: { ...line.entered, of: 'product' } }
        : line,
    ),
    reactions: kept.map((reaction, i) =>
      withoutLine({ ...bare, lines }, { now: reaction, ran: (doc.reactions[i]?.runs.length ?? 0) > 0 }, id),
    ),
    stages: doc.stages.map((stage) => (contentOf(stage)?.line === id ? changed(stage, { origin: undefined }) : stage)),
    pin: doc.pin.at === 'line' && doc.pin.line === id ? { at: 'factor', digits: '1' } : doc.pin,
  });
}

const withoutReactant = (reaction: Reaction, gone: string): Reaction => ({
  ...reaction,
  terms: reaction.terms.filter(({ substance, side }) => side === 'right' || substance !== gone),
});

/** What of a reaction has to change when a line is gone: its reference, and where it runs if that step went along. */
function withoutLine(
  { steps, lines, reference }: Pick<Preparation, 'steps' | 'lines' | 'reference'>,
  { now, ran }: { readonly now: Reaction; readonly ran: boolean },
  gone: string,
): Reaction {
  const bare = now.reference === gone ? changed(now, { reference: undefined }) : now;
  if (bare.runs.length > 0 || !ran) return bare;
  const vessel = lines.find(({ id }) => id === (bare.reference ?? reference))?.vessel;
  const step = usualRun({ steps }, vessel);
  return { ...bare, runs: step === undefined ? [] : [{ step }] };
}

/** A step that charges a new line, after the last one that charges something. */
function withCharge(steps: readonly Step[], line: string): readonly Step[] {
  const step: Step = {
    id: freeId(`charge-${line}`, steps),
    op: charge.name,
    opVersion: charge.version,
    params: { line },
    time: { typical_min: 5, attended: true },
  };
  const at = steps.findLastIndex(({ op }) => op === charge.name) + 1;
  return [...steps.slice(0, at), step, ...steps.slice(at)];
}

/** Puts a line in the place of another: behind it when it comes from above, before it otherwise. */
export function moveLine(doc: Preparation, id: string, over: string): Preparation {
  const [from, to] = [id, over].map((one) => doc.lines.findIndex((line) => line.id === one));
  const line = doc.lines[from ?? -1];
  if (!line || to === undefined || to < 0) return doc;
  const rest = doc.lines.filter((one) => one !== line);
  return { ...doc, lines: [...rest.slice(0, to), line, ...rest.slice(to)] };
}
