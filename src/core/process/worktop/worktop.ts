import { derive } from '../../stoichiometry/derive';
import { fromWorked } from '../../quantity/worked';
import { gramsOf, nothing, plus, times, without } from '../matter/matter';
import { emptyVessel, phaseKinds, phaseOf, wholeOf, withPhase } from '../matter/shelf';
import { introduced } from './introduced';
import { inSentence } from '../../document/inSentence';
import { rootOf } from '../../document/reactions';
import { stageBasis } from '../../plan/stageBasis';
import { toCanonical } from '../../quantity/units';
import { volumeOf } from './volumes';
import type { Assumption, AssumptionSpec, Scenario } from './assumption';
import type { Content, PhaseKind, Shelf } from '../matter/shelf';
import type { Dim } from '../../quantity/dims';
import type { Facts } from '../../plan/facts';
import type { Means } from '../../operations/means';
import type { Kind } from './kinds';
import type { Loss } from '../../operations/loss';
import type { Matter } from '../matter/matter';
import type { Plan } from '../../plan/planTypes';
import type { Extent, Reaction } from '../../document/reaction';
import type { Stage, Step } from '../../document/steps';
import type { Worked, WorkedInput } from '../../quantity/worked';

/** What all steps of a prediction share. */
export interface World {
  readonly plan: Pick<Plan, 'doc' | 'lines' | 'charge'>;
  readonly facts: Facts;
  readonly kind: (id: string) => Kind;
  readonly scenario: Scenario;
  /** What another step of the procedure is about. */
  readonly means: (step: Step) => Means;
}

/** Matter that leaves the bench for good. */
export interface Stream {
  readonly to: 'air' | 'sample' | 'agent';
  readonly matter: Matter;
}

const possible: Readonly<Partial<Record<Dim, readonly [least: number, most: number]>>> = {
  fraction: [0, 1],
  mass: [0, 1e6],
  volume: [0, 1e6],
  volumePerMass: [0, 1e3],
  density: [0, 1e2],
  number: [-20, 20],
};

/** Where a step begins. */
export interface Before {
  readonly shelf: Shelf;
  /** Place in which the product is followed. */
  readonly product: string;
  readonly labels: Readonly<Record<string, string>>;
  /** Where each stage stood when it was measured for the last time. */
  readonly stages?: Readonly<Record<string, string>>;
}

/** A step as the prediction sees it: the stage it works towards, and the reactions that run in it. */
export interface Task {
  readonly step: Step;
  readonly stage?: Stage;
  readonly runs: readonly { readonly reaction: Reaction; readonly to?: Extent }[];
}

/** What a step did. */
export interface After extends Before {
  readonly streams: readonly Stream[];
  readonly losses: readonly Loss[];
  readonly assumptions: readonly Assumption[];
  /** Charged at this step. */
  readonly introduced: Matter;
  /** Lines of the charge table that this was. */
  readonly lines: readonly string[];
  /** Worth saying beside the step. */
  readonly remarks: readonly string[];
  /** How much of an acid or base it takes to reach the pH that the step is for, against what is planned; infinite beyond twice as much. */
  readonly takes?: number;
  /** Places that the step touched, in order. */
  readonly touched: readonly string[];
  /** The most that each place held during the step. */
  readonly peaks: Readonly<Record<string, Matter>>;
}

/**
 * The vessels during one step. An operation takes, pours and loses here; every gram that is taken has to be put somewhere, so
 * that mass is conserved whatever an operation does. It lives for one step and is then read out with {@link Worktop.after}.
 */
export class Worktop<S extends string = string> {
  readonly step: Step;
  readonly stage: Stage | undefined;
  readonly runs: Task['runs'];
  /** The reactions of the step had their place. */
  reacted = false;
  private shelf: Record<string, Content>;
  private labels: Record<string, string>;
  private followed: string;
  private readonly stages: Readonly<Record<string, string>>;
  private readonly streams: Stream[] = [];
  private readonly found: Loss[] = [];
  private readonly assumptions: Assumption[] = [];
  private readonly said: string[] = [];
  private takes: number | undefined;
  private readonly touched: string[] = [];
  private readonly peaks: Record<string, Matter> = {};
  private charged: Matter = nothing;
  private readonly lines: string[] = [];

  constructor(
    readonly world: World,
    { step, stage, runs }: Task,
    before: Before,
  ) {
    this.step = step;
    this.stage = stage;
    this.runs = runs;
    this.shelf = { ...before.shelf };
    this.labels = { ...before.labels };
    this.followed = before.product;
    this.stages = before.stages ?? {};
  }

  /** Place in which the product is. */
  get product(): string {
    return this.followed;
  }

  /** From now on the product is followed there. */
  follow(place: string): void {
    this.followed = place;
  }

  /** Vessel that the step names for a use, or else the one given. */
  place(use: S, otherwise: string = this.followed): string {
    return this.step.uses?.[use] ?? otherwise;
  }

  /** Vessel that the step names for a use, if it does. */
  named(use: S): string | undefined {
    return this.step.uses?.[use];
  }

  /** A place that the step makes itself: the cake on its paper, the filtrate under it. */
  own(use: S, label: string): string {
    const place = this.step.uses?.[use] ?? `${this.step.id}/${use}`;
    if (this.step.uses?.[use] === undefined) this.labels[place] = label;
    return place;
  }

  content(place: string): Content {
    return this.shelf[place] ?? emptyVessel;
  }

  phase(place: string, kind: PhaseKind): Matter {
    return phaseOf(this.content(place), kind);
  }

  whole(place: string): Matter {
    return wholeOf(this.content(place));
  }

  /**
   * A line of the charge table comes onto the bench: its substance and what it is dissolved in; or what the line takes from a stage, out of
   * the place in which the stage stood when it was measured.
   */
  introduce(line: string): Matter {
    this.lines.push(line);
    const supply = this.world.facts.lines.get(line)?.line.supply;
    if (supply) return this.takeOn(line, supply.stage);
    const matter = introduced(this, line);
    this.charged = plus(this.charged, matter);
    return matter;
  }

  /**
   * As much of a stage as the line takes, at most what there is of it. What is foreseen to be lacking is a loss of what is made of it,
   * what is foreseen beyond the plan stays behind.
   */
  private takeOn(line: string, stage: string): Matter {
    const { plan, facts } = this.world;
    const place = this.stages[stage];
    const found = plan.doc.stages.find(({ id }) => id === stage);
    if (place === undefined || !found) return nothing;
    const wanted = plan.charge.rows.get(line)?.total.mass?.q.value;
    // Per cent of a stage are of its substance, grams are of all that was weighed.
    const pure = facts.lines.get(line)?.line.entered.by === 'expected';
    const there = pure ? (this.whole(place)[found.substance] ?? 0) : gramsOf(this.whole(place));
    const share = wanted === undefined || there <= wanted ? 1 : wanted / there;
    if (wanted !== undefined && wanted > 0 && there < wanted) this.loseForLack(found, there, wanted);
    return phaseKinds.reduce(
      (sum, kind) => plus(sum, this.take(place, kind, times(this.phase(place, kind), share))),
      nothing,
    );
  }

  private loseForLack(of: Stage, there: number, wanted: number): void {
    const { doc, charge } = this.world.plan;
    const whole = this.stage && stageBasis({ doc, charge }, rootOf(doc, this.stage));
    if (whole)
      this.lose(
        'lacking',
        `less of the ${inSentence(of.name)} than the plan takes`,
        this.foreseenShare(whole.q.value, of.substance, 1 - there / wanted),
      );
  }

  put(place: string, kind: PhaseKind, matter: Matter): void {
    if (gramsOf(matter) === 0) return;
    const content = this.content(place);
    this.set(place, withPhase(content, kind, plus(phaseOf(content, kind), matter)));
  }

  /** Takes a part of a phase away and hands it over. */
  take(place: string, kind: PhaseKind, part: Matter): Matter {
    const content = this.content(place);
    this.set(place, withPhase(content, kind, without(phaseOf(content, kind), part)));
    return part;
  }

  /** Takes a part out of all phases in which it is, in proportion; at most what is there. */
  draw(place: string, part: Matter): Matter {
    const whole = this.whole(place);
    let drawn = nothing;
    for (const kind of phaseKinds) {
      const phase = this.phase(place, kind);
      const ids = Object.keys(part).filter((id) => (phase[id] ?? 0) > 0);
      const share = (id: string) => Math.min(1, (part[id] ?? 0) / (whole[id] ?? 1));
      drawn = plus(
        drawn,
        this.take(place, kind, Object.fromEntries(ids.map((id) => [id, (phase[id] ?? 0) * share(id)]))),
      );
    }
    return drawn;
  }

  takeAll(place: string, kind: PhaseKind): Matter {
    return this.take(place, kind, this.phase(place, kind));
  }

  /** Pours everything over, phase by phase. */
  pour(from: string, to: string): void {
    if (from === to) return;
    for (const kind of phaseKinds) this.put(to, kind, this.takeAll(from, kind));
  }

  /** Replaces the phases of a place by others of the same mass. */
  rearrange(place: string, phases: Content['phases']): void {
    const before = this.whole(place);
    const content: Content = { ...this.content(place), phases };
    const difference = gramsOf(wholeOf(content)) - gramsOf(before);
    if (Math.abs(difference) > 1e-9 * Math.max(1, gramsOf(before)))
      throw new RangeError(`${this.step.id}: ${difference} g came from nowhere`);
    this.set(place, content);
  }

  temperature(place: string, temperature_C: number): void {
    this.set(place, { ...this.content(place), temperature_C });
  }

  leave(to: Stream['to'], matter: Matter): void {
    if (gramsOf(matter) > 0) this.streams.push({ to, matter });
  }

  /** Registers what a model has to take for granted, and gives the value of the scenario. */
  assume<D extends Dim>(spec: AssumptionSpec<D>, everywhere = false): Worked<D> {
    const id = everywhere ? spec.key : `${this.step.id}/${spec.key}`;
    const written = this.step.assume?.[spec.key];
    // What is written can be anything; what is reckoned with has to be possible.
    const [least, most] = spec.within ?? possible[spec.dim] ?? [-Infinity, Infinity];
    const canonical = (value: number) => Math.min(most, Math.max(least, toCanonical(String(value), spec.unit)));
    const range = written
      ? {
          low: canonical(written.low ?? written.typical),
          typical: canonical(written.typical),
          high: canonical(written.high ?? written.typical),
        }
      : { low: spec.low, typical: spec.typical, high: spec.high };
    if (!this.assumptions.some((one) => one.id === id))
      this.assumptions.push({
        ...spec,
        ...range,
        id,
        ...(everywhere ? {} : { step: this.step.id }),
        written: written !== undefined,
      });
    const value = range[this.world.scenario[id] ?? 'typical'];
    return derive({
      formula: 'taken',
      dim: spec.dim,
      unit: spec.unit,
      value,
      inputs: { x: { q: { dim: spec.dim, value }, unit: spec.unit, figures: 2, source: { at: 'assumption', id } } },
      figures: 2,
      certain: 'assumed',
    });
  }

  /** Registers a loss of what the stage will weigh. Nothing is lost before there is something to lose. */
  lose(key: string, label: string, mass: Worked<'mass'>, stage: string | undefined = this.stage?.id): void {
    if (stage === undefined || !(mass.q.value > 0)) return;
    this.found.push({ key: `${this.step.id}/${key}`, label, stage, mass });
  }

  /** Says how much of what the step adds its end point takes, against what is planned. */
  endPointTakes(share: number): void {
    this.takes = share;
  }

  remark(text: string): void {
    this.said.push(text);
  }

  /** Volume of some matter as a working names it. */
  volume(matter: Matter): Worked<'volume'> {
    return volumeOf(this.world.kind, matter);
  }

  /** A predicted number as an input of a working. */
  foreseen<D extends Dim>(dim: D, value: number, unit: string, of: string): WorkedInput {
    return { q: { dim, value }, unit, figures: 3, source: { at: 'prediction', id: of } };
  }

  /** A mass that the prediction holds, taken as it is. */
  foreseenMass(value: number, of: string): Worked<'mass'> {
    return derive({
      formula: 'taken',
      dim: 'mass',
      unit: 'g',
      value,
      inputs: { x: this.foreseen('mass', value, 'g', of) },
      figures: 2,
      certain: 'modelled',
    });
  }

  /** A share of a mass, both as the prediction finds them. */
  foreseenShare(grams: number, of: string, share: number): Worked<'mass'> {
    return derive({
      formula: 'shareForeseen',
      dim: 'mass',
      unit: 'g',
      value: grams * share,
      inputs: { m: this.foreseen('mass', grams, 'g', of), q: this.foreseen('fraction', share, '%', of) },
      figures: 2,
      certain: 'modelled',
    });
  }

  /** A share of a mass that the prediction holds. */
  shareOf(grams: number, of: string, share: Worked<'fraction'>): Worked<'mass'> {
    return derive({
      formula: 'shareLost',
      dim: 'mass',
      unit: 'g',
      value: grams * share.q.value,
      inputs: { m: this.foreseen('mass', grams, 'g', of), f: fromWorked(share) },
      figures: 2,
      certain: 'modelled',
    });
  }

  after(): After {
    return {
      shelf: this.shelf,
      product: this.followed,
      labels: this.labels,
      stages: this.stages,
      streams: this.streams,
      losses: this.found,
      assumptions: this.assumptions,
      introduced: this.charged,
      lines: this.lines,
      remarks: this.said,
      ...(this.takes === undefined ? {} : { takes: this.takes }),
      touched: this.touched,
      peaks: this.peaks,
    };
  }

  private set(place: string, content: Content): void {
    this.shelf[place] = content;
    if (!this.touched.includes(place)) this.touched.push(place);
    const whole = wholeOf(content);
    if (gramsOf(whole) > gramsOf(this.peaks[place] ?? nothing)) this.peaks[place] = whole;
  }
}
