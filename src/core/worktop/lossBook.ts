import { lossAt } from './loss';
import type { Loss } from './loss';

/** What was lost, and what each reaction has made, by the time a step begins. */
export interface Booked {
  /** All that is lost by now. What a reaction has not made is told by the last step in which it ran. */
  readonly told: readonly Loss[];
  /** What each reaction has made of its product so far, g. */
  readonly made: Readonly<Record<string, number>>;
}

export const nothingBooked: Booked = { told: [], made: {} };

/** The losses of one step, with those of the steps before it. */
export class LossBook {
  private told: readonly Loss[];
  private made: Booked['made'];
  private own: readonly Loss[] = [];

  /** @param stage that the step works towards */
  constructor(
    private readonly step: string,
    private readonly stage: string | undefined,
    { told, made }: Booked,
  ) {
    this.told = told;
    this.made = made;
  }

  /** Of the step alone. */
  get losses(): readonly Loss[] {
    return this.own;
  }

  get booked(): Booked {
    return { told: [...this.told, ...this.own], made: this.made };
  }

  add(
    what: string,
    {
      stage = this.stage,
      ...loss
    }: Pick<Loss, 'label' | 'mass' | 'reaction'> & { readonly stage?: string | undefined },
  ): void {
    // Nothing is lost before there is something to lose.
    if (stage === undefined || !(loss.mass.q.value > 0)) return;
    // Poured twice in one step: each is a loss of its own.
    const round = this.own.filter((one) => one.what === what).length + 1;
    this.own = [...this.own, { ...lossAt(this.step, what, round), stage, ...loss }];
  }

  /** What the stage has lost by now, g. */
  get grams(): number {
    return this.booked.told.reduce((sum, { stage, mass }) => (stage === this.stage ? sum + mass.q.value : sum), 0);
  }

  /** What a reaction has made of its product so far, g; nothing where it has not run. */
  madeBy(reaction: string): number | undefined {
    return this.made[reaction];
  }

  /** A reaction has made so much more, g: what it has not made is to be told anew. */
  makes(reaction: string, grams: number): void {
    this.made = { ...this.made, [reaction]: (this.made[reaction] ?? 0) + grams };
    this.strike((loss) => loss.reaction === reaction);
  }

  /** What other reactions have not made is told no more: they went on since, and the stage's own finds what is lacking as a whole. */
  withdrawOthers(reaction: string): void {
    this.strike((loss) => loss.reaction !== undefined && loss.reaction !== reaction);
  }

  /** Part of what was told as lost is there all the same, g: what was told last as such a loss is told less by as much. */
  regain(what: string, grams: number, massOf: (grams: number) => Loss['mass']): void {
    let left = grams;
    const less = (loss: Loss): readonly Loss[] => {
      if (loss.stage !== this.stage || loss.what !== what || !(left > 0)) return [loss];
      const rest = loss.mass.q.value - left;
      left = Math.max(0, -rest);
      return rest > 0 ? [{ ...loss, mass: massOf(rest) }] : [];
    };
    const latestFirst = (losses: readonly Loss[]) => [...losses].reverse().flatMap(less).reverse();
    this.own = latestFirst(this.own);
    this.told = latestFirst(this.told);
  }

  private strike(which: (loss: Loss) => boolean): void {
    const stays = (loss: Loss) => loss.stage !== this.stage || !which(loss);
    this.told = this.told.filter(stays);
    this.own = this.own.filter(stays);
  }
}
