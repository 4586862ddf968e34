import { gramsOf, nothing, plus, without } from './matter/matter';
import { emptyVessel, phaseKinds, phaseOf, room_C, wholeOf, withPhase } from './matter/shelf';
import type { Content, PhaseKind, Shelf } from './matter/shelf';
import type { Matter } from './matter/matter';

/** Matter that leaves the bench for good. */
export interface Stream {
  readonly to: 'air' | 'sample' | 'agent';
  readonly matter: Matter;
}

/** Less than this is no content that has a temperature of its own, g. */
const film_g = 0.02;
/** Heat of fusion of water, J/g (handbook value). */
const melting_Jg = 334;

/** What stands where during a step: every gram that is taken has to be put somewhere. */
export class Places {
  protected readonly shelf: Record<string, Content>;
  protected readonly streams: Stream[] = [];
  protected readonly touched: string[] = [];
  protected readonly peaks: Record<string, Matter> = {};
  /** Places whose temperature the step keeps. */
  protected readonly kept = new Set<string>();
  /** How warm matter was where it was taken, as long as it is the same; of any other what was taken last. */
  private readonly warmth = new WeakMap<Matter, number>();
  private last_C = room_C;
  private readonly ice = new WeakSet<Matter>();

  /**
   * @param at id of the step, for what it refuses
   * @param capacityOf heat that a kelvin takes, J/K
   */
  constructor(
    private readonly at: string,
    before: Shelf,
    private readonly capacityOf: (matter: Matter) => number,
  ) {
    this.shelf = { ...before };
  }

  content(place: string): Content {
    return this.shelf[place] ?? emptyVessel;
  }

  /** Places that the step has had a hand in so far. */
  get hands(): readonly string[] {
    return [...this.touched];
  }

  phase(place: string, kind: PhaseKind): Matter {
    return phaseOf(this.content(place), kind);
  }

  whole(place: string): Matter {
    return wholeOf(this.content(place));
  }

  put(place: string, kind: PhaseKind, matter: Matter): void {
    if (gramsOf(matter) === 0) return;
    const { poured: _p, raffinate: _r, ...content } = this.content(place);
    const temperature_C = this.mixed(content, matter);
    this.set(place, withPhase({ ...content, temperature_C }, kind, plus(phaseOf(content, kind), matter)));
  }

  /** What was drawn from a place stands there as something else: it is still what it was before, poured out or done with. */
  turn(place: string, kind: PhaseKind, matter: Matter): void {
    if (gramsOf(matter) === 0) return;
    const content = this.content(place);
    this.set(place, withPhase(content, kind, plus(phaseOf(content, kind), matter)));
  }

  /** Only what clings to the glass is left. */
  pouredOut(place: string): void {
    this.set(place, { ...this.content(place), poured: true });
  }

  /** What is left in it an extraction has done with. */
  leftBehind(place: string): void {
    this.set(place, { ...this.content(place), raffinate: true });
  }

  /** Takes a part of a phase away and hands it over. */
  take(place: string, kind: PhaseKind, part: Matter): Matter {
    const content = this.content(place);
    this.set(place, withPhase(content, kind, without(phaseOf(content, kind), part)));
    return this.of(part, content.temperature_C);
  }

  /** What went through a condenser: it comes over at about the temperature of the room. */
  condensed(matter: Matter): Matter {
    return this.of(matter, room_C);
  }

  /** Matter that comes at a temperature, °C. It is known by itself: what is made of it counts as what was taken last. */
  protected of(matter: Matter, temperature_C: number): Matter {
    if (gramsOf(matter) === 0) return matter;
    this.warmth.set(matter, temperature_C);
    this.last_C = temperature_C;
    return matter;
  }

  /** Ice of 0 °C, which takes heat to melt. */
  protected asIce(matter: Matter): Matter {
    this.ice.add(matter);
    return this.of(matter, 0);
  }

  /**
   * Temperature of a content with something in it, by heat capacities: no heat of mixing, glass takes none, and ice melts as far as there is
   * heat for it.
   */
  private mixed(content: Content, matter: Matter): number {
    const [there_C, comes_C] = [content.temperature_C, this.warmth.get(matter) ?? this.last_C];
    if (there_C === comes_C) return there_C;
    const there = wholeOf(content);
    if (gramsOf(there) < film_g) return comes_C;
    const [there_JK, comes_JK] = [this.capacityOf(there), this.capacityOf(matter)];
    const melting_J = this.ice.has(matter) ? melting_Jg * gramsOf(matter) : 0;
    const both = (there_JK * there_C + comes_JK * comes_C - melting_J) / (there_JK + comes_JK);
    // It melts no further than to 0 °C.
    return melting_J > 0 ? Math.max(both, Math.min(0, there_C)) : both;
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
      throw new RangeError(`${this.at}: ${difference} g came from nowhere`);
    this.set(place, content);
  }

  /** The step brings it to a temperature, and keeps it there. */
  temperature(place: string, temperature_C: number): void {
    this.kept.add(place);
    this.set(place, { ...this.content(place), temperature_C });
  }

  /** Heat, J, that something in it gives; never hotter by it than it boils, and not where the step keeps the temperature. */
  warm(place: string, heat_J: number, boiling_C: number): void {
    const content = this.content(place);
    const capacity = this.capacityOf(wholeOf(content));
    if (this.kept.has(place) || !(capacity > 0)) return;
    const hot = content.temperature_C + heat_J / capacity;
    this.set(place, { ...content, temperature_C: Math.min(hot, Math.max(boiling_C, content.temperature_C)) });
  }

  leave(to: Stream['to'], matter: Matter): void {
    if (gramsOf(matter) > 0) this.streams.push({ to, matter });
  }

  private set(place: string, content: Content): void {
    this.shelf[place] = content;
    if (!this.touched.includes(place)) this.touched.push(place);
    const whole = wholeOf(content);
    if (gramsOf(whole) > gramsOf(this.peaks[place] ?? nothing)) this.peaks[place] = whole;
  }
}
