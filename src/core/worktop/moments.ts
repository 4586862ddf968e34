import type { Matter } from './matter/matter';
import type { PhaseKind } from './matter/shelf';
import type { Worktop } from './worktop';

/** What a moment is of: of the step's rounds which, and the how manieth of its kind in that round. Both from 1 on. */
interface MomentBase {
  readonly round: number;
  readonly n: number;
  /** Place in which it is looked at. */
  readonly in: string;
}

/** A layer as it stands in a vessel. */
export interface SettledLayer {
  readonly is: PhaseKind;
  readonly matter: Matter;
  /** g/mL */
  readonly density: number;
}

/** What has settled in a vessel: two layers; or one, which is the upper and the lower one alike; or none. */
export interface LayersMoment extends MomentBase {
  readonly kind: 'layers';
  readonly upper?: SettledLayer;
  readonly lower?: SettledLayer;
}

/** A pH that is tested. */
export interface AcidityMoment extends MomentBase {
  readonly kind: 'pH';
  readonly pH: number;
}

/** A moment at which a person looks, or decides. */
export type Moment = LayersMoment | AcidityMoment;

/** What a person decided: where a layer goes, or that it is enough. Without one the procedure goes its usual way. */
export type Decision =
  { readonly kind: 'keep'; readonly layer: 'upper' | 'lower'; readonly to: string } | { readonly kind: 'stop' };

/** A step that is under way: it stops at each moment, with all its matter on the worktop. */
export type UnderWay<R = void> = Generator<Moment, R, Decision | undefined>;

/** What an operation does to the vessels, moment by moment. */
export type Moments<P, S extends string = string> = (work: Worktop<S>, params: P) => UnderWay;

/**
 * Lets a step run, asking at each moment what was decided there.
 *
 * @param until where it returns true the step stays as it is, unfinished. @default runs to its end
 */
export function drive(
  course: UnderWay,
  decide: (moment: Moment) => Decision | undefined,
  until: (moment: Moment) => boolean = () => false,
): void {
  let at = course.next();
  while (!at.done) {
    if (until(at.value)) return;
    at = course.next(decide(at.value));
  }
}
