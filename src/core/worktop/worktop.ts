import { AssumptionBook } from './assumptionBook';
import { foreseenShare } from './foreseen';
import { gramsOf, nothing, plus, times } from './matter/matter';
import { heatCapacityOf } from './heat';
import { phaseKinds, room_C } from './matter/shelf';
import { Places } from './places';
import { introduced } from './introduced';
import { LossBook, nothingBooked } from './lossBook';
import { madeAt } from './placeId';
import { inSentence } from '../document/inSentence';
import { rootOf } from '../document/reactions';
import { scaleOf } from '../plan/scaleOf';
import { stageBasis } from '../plan/stageBasis';
import type { Assumption, AssumptionSpec, Scenario } from './assumption';
import type { Shelf } from './matter/shelf';
import type { Stream } from './places';
import type { Dim } from '../quantity/dims';
import type { Facts } from '../plan/facts';
import type { Means } from './means';
import type { Booked } from './lossBook';
import type { Kind } from './kinds';
import type { Loss } from './loss';
import type { Matter } from './matter/matter';
import type { Plan } from '../plan/planTypes';
import type { Extent, Reaction } from '../document/reaction';
import type { Stage, Step } from '../document/steps';
import type { Worked } from '../quantity/worked';

/** What of a plan a prediction rests on. */
export type Foreseeable = Pick<Plan, 'doc' | 'lines' | 'charge' | 'factor'>;

/** What all steps of a prediction share. */
export interface World {
  readonly plan: Foreseeable;
  readonly facts: Facts;
  readonly kind: (id: string) => Kind;
  readonly scenario: Scenario;
  /** What another step of the procedure is about. */
  readonly means: (step: Step) => Means;
}

/** Where a step begins. */
export interface Before {
  readonly shelf: Shelf;
  /** Place in which the product is followed. */
  readonly product: string;
  /** Where each stage stood when it was measured for the last time. */
  readonly stages?: Readonly<Record<string, string>>;
  readonly booked?: Booked;
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
  readonly booked: Booked;
  readonly assumptions: readonly Assumption[];
  /** Charged at this step. */
  readonly introduced: Matter;
  /** Lines of the charge table that this was. */
  readonly lines: readonly string[];
  /** Worth saying beside the step. */
  readonly remarks: readonly string[];
  /** No model can work with its numbers: it is left out. */
  readonly unforeseen?: true;
  /** How much of an acid or base it takes to reach the pH that the step is for, against what is planned; infinite beyond twice as much. */
  readonly takes?: number;
  /** The two layers that it parted first, where there were two. */
  readonly layers?: LayersSeen;
  /** Places whose temperature it keeps. */
  readonly kept: ReadonlySet<string>;
  /** Places that the step touched, in order. */
  readonly touched: readonly string[];
  /** The most that each place held during the step. */
  readonly peaks: Readonly<Record<string, Matter>>;
}

/** Two layers by their densities, g/mL, and whether they rest on densities that are known. */
export interface LayersSeen {
  readonly organic: number;
  readonly aqueous: number;
  readonly known: boolean;
}

/** One of several parts in which a line comes: of how many, and how many are left with this one. */
interface Part {
  readonly of: number;
  readonly left: number;
}

/**
 * The vessels during one step. An operation takes, pours and loses here; every gram that is taken has to be put somewhere, so
 * that mass is conserved whatever an operation does. It lives for one step and is then read out with {@link Worktop.after}.
 */
export class Worktop<S extends string = string> extends Places {
  readonly step: Step;
  readonly stage: Stage | undefined;
  readonly runs: Task['runs'];
  readonly book: LossBook;
  private granted: AssumptionBook;
  /** The reactions of the step had their place. */
  reacted = false;
  /** How often the step is done, at the least; each time takes its part of the lines. */
  private rounds: number;
  private round = 0;
  /** Vessel that a line of the step went into last: what the step lets run runs there. */
  entered: string | undefined;
  private followed: string;
  private readonly stages: Readonly<Record<string, string>>;
  private readonly said: string[] = [];
  private takes: number | undefined;
  private layers: LayersSeen | undefined;
  private charged: Matter = nothing;
  private readonly lines: string[] = [];

  constructor(
    readonly world: World,
    { step, stage, runs }: Task,
    before: Before,
  ) {
    super(step.id, before.shelf, (matter) => heatCapacityOf(world.kind, matter));
    this.step = step;
    this.stage = stage;
    this.runs = runs;
    this.followed = before.product;
    this.stages = before.stages ?? {};
    this.book = new LossBook(step.id, stage?.id, before.booked ?? nothingBooked);
    this.granted = new AssumptionBook(step, world.scenario);
    this.rounds = step.repeat?.least ?? 1;
  }

  /** Whether the step is done once more. What was worth saying is what the last time shows. */
  again(): boolean {
    this.round += 1;
    if (this.round >= this.rounds) return false;
    this.reacted = false;
    this.said.length = 0;
    return true;
  }

  /** How often the step was reckoned as a whole. */
  get times(): number {
    return this.round;
  }

  get isLastRound(): boolean {
    return this.round === this.rounds - 1;
  }

  /**
   * The portions of a line are the rounds of the step, or as many as it is done at the least: the one who asks works them off, and each is
   * on the bench from when it is taken.
   */
  portions(line: string): { readonly count: number; readonly next: () => Matter } {
    const count = Math.max(this.world.facts.lines.get(line)?.portions ?? 1, this.rounds);
    this.rounds = 1;
    this.note(line);
    let left = count;
    return { count, next: () => this.bring(line, { of: count, left: left-- }) };
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

  /** Vessel for what the step makes: the one it names, or the place that its slot declares, a cake on its paper or the filtrate under it. */
  receiver(use: S): string {
    return this.step.uses?.[use] ?? madeAt(this.step.id, use);
  }

  /**
   * A line of the charge table comes onto the bench: its substance and what it is dissolved in; or what the line takes from a stage, out of
   * the place in which the stage stood when it was measured.
   */
  introduce(line: string): Matter {
    this.note(line);
    return this.bring(line, { of: this.rounds, left: this.rounds - this.round });
  }

  private note(line: string): void {
    if (!this.lines.includes(line)) this.lines.push(line);
  }

  private bring(line: string, part: Part): Matter {
    const supply = this.world.facts.lines.get(line)?.line.supply;
    if (supply) return this.takeOn(line, supply.stage, part);
    const all = introduced(this, line);
    const matter = part.of > 1 ? times(all, 1 / part.of) : all;
    this.charged = plus(this.charged, matter);
    return this.fromBottle(line, matter);
  }

  /**
   * As much of a stage as the line takes, at most what there is of it. What is foreseen to be lacking is a loss of what is made of it,
   * what is foreseen beyond the plan stays behind.
   */
  private takeOn(line: string, stage: string, { of, left }: Part): Matter {
    const { plan, facts } = this.world;
    const place = this.stages[stage];
    const found = plan.doc.stages.find(({ id }) => id === stage);
    if (place === undefined || !found) return nothing;
    const whole = plan.charge.rows.get(line)?.total.mass?.q.value;
    const wanted = whole === undefined ? undefined : whole / of;
    // Per cent of a stage are of its substance, grams are of all that was weighed.
    const pure = facts.lines.get(line)?.line.entered.by === 'expected';
    const there = pure ? (this.whole(place)[found.substance] ?? 0) : gramsOf(this.whole(place));
    const share = wanted === undefined ? 1 / left : there <= wanted ? 1 : wanted / there;
    if (wanted !== undefined && wanted > 0 && there < wanted) this.loseForLack(found, (wanted - there) / (wanted * of));
    return phaseKinds.reduce(
      (sum, kind) => plus(sum, this.take(place, kind, times(this.phase(place, kind), share))),
      nothing,
    );
  }

  /** Out of the bottle it comes at the temperature of the room; water with ice in it at 0 °C, of which nobody knows how much is ice. */
  private fromBottle(line: string, matter: Matter): Matter {
    const name = this.world.facts.lines.get(line)?.substance.substance.name ?? '';
    if (/^(crushed )?ice$/i.test(name)) return this.asIce(matter);
    return this.of(matter, /\bice\b/i.test(name) ? 0 : room_C);
  }

  /** @param share of all that the line takes */
  private loseForLack(of: Stage, share: number): void {
    const { doc, charge } = this.world.plan;
    const whole = this.stage && stageBasis({ doc, charge }, rootOf(doc, this.stage));
    if (whole)
      this.lose(
        'lacking',
        `less of the ${inSentence(of.name)} than the plan takes`,
        foreseenShare(whole.q.value, of.substance, share),
      );
  }

  /** Registers what a model has to take for granted, and gives the value of the scenario. */
  assume<D extends Dim>(spec: AssumptionSpec<D>, everywhere = false): Worked<D> {
    return this.granted.assume(spec, everywhere);
  }

  /** Looks at something on the side: what it takes for granted carries nothing that the step does. */
  aside<T>(look: () => T): T {
    const { granted } = this;
    this.granted = new AssumptionBook(this.step, this.world.scenario);
    try {
      return look();
    } finally {
      this.granted = granted;
    }
  }

  /** Registers a loss of what the stage will weigh. */
  lose(
    key: string,
    label: string,
    mass: Worked<'mass'>,
    of: { readonly stage?: string | undefined; readonly reaction?: string } = {},
  ): void {
    this.book.add(key, { label, mass, ...of });
  }

  /** Says how much of what the step adds its end point takes, against what is planned. */
  endPointTakes(share: number): void {
    this.takes = share;
  }

  remark(text: string): void {
    this.said.push(text);
  }

  /** Two layers stand in a vessel; the first ones that the step parts are kept. */
  sawLayers(seen: LayersSeen): void {
    this.layers ??= seen;
  }

  /** What the document writes at its own scale, at the scale of the plan. */
  scaled(written: number): number {
    return written * scaleOf(this.world.plan);
  }

  after(): After {
    return {
      shelf: this.shelf,
      product: this.followed,
      stages: this.stages,
      streams: this.streams,
      losses: this.book.losses,
      booked: this.book.booked,
      assumptions: this.granted.all,
      introduced: this.charged,
      lines: this.lines,
      remarks: this.said,
      ...(this.takes === undefined ? {} : { takes: this.takes }),
      ...(this.layers === undefined ? {} : { layers: this.layers }),
      touched: this.touched,
      kept: this.kept,
      peaks: this.peaks,
    };
  }
}
