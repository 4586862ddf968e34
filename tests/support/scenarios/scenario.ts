import { jobDocument } from '../jobs/job';
import type { Job } from '../jobs/job';
import type { Preparation } from '@/core/document/document';

/** What a chemist who stands beside the bench says, in a word: which rules say it stands with the reckoning, not here. */
export type Said =
  /** The content is so warm that what comes in boils off. */
  | 'flashesOff'
  /** Pressure of vapour on top of air in a stoppered funnel: vent at once. */
  | 'ventNow'
  /** Shaken warm: the funnel can throw its stopper. */
  | 'shakenWarm'
  /** A closed vial near its content's boiling point. */
  | 'closedBoils'
  /** Held hotter than it boils, without anything that brings it back. */
  | 'boilsOff'
  /** Charcoal or aids into what boils or nearly does. */
  | 'intoHot'
  /** A bath that can never bring it to where it shall go. */
  | 'bathTooWarm'
  /** Peroxides of a former, when it is boiled down, dried or kept. */
  | 'peroxideKept'
  /** Something that explodes is dried, kept, ground or heated. */
  | 'explosiveKept'
  /** Ammoniacal silver is not kept. */
  | 'silverKept'
  /** Acetone, peroxide and acid in one vessel: stop. */
  | 'acetonePeroxide'
  /** A cake that is wet with what burns, in an oven. */
  | 'ovenVapour'
  /** A flame beside what burns in a room: stop. */
  | 'flameStop'
  /** A burner of another step, or of the neighbours, burns where what catches fire in a room is opened. */
  | 'burnerNear'
  | 'geneticDefects'
  | 'cancer'
  | 'fertility'
  | 'waterReactive'
  | 'chlorine'
  | 'hotPlate'
  | 'noAid'
  | 'waterIntoAcid';

/** A piece of work with what must be said of each of its steps, and what must not. */
export interface Scenario {
  readonly title: string;
  readonly own?: Job['own'];
  readonly lines: Job['lines'];
  readonly vessels?: Job['vessels'];
  readonly steps: Job['steps'];
  readonly must?: Readonly<Record<string, readonly Said[]>>;
  /** `*` is said of no step. */
  readonly not?: Readonly<Record<string, readonly Said[]>>;
}

/** The document of a scenario: what the first line brings is the stage that it is about. */
export function documentOfScenario({ title, own = {}, lines, vessels, steps }: Scenario): Preparation {
  const [first = ''] = Object.keys(lines);
  return jobDocument({
    title,
    own,
    reactions: {},
    reference: first,
    lines,
    vessels: vessels ?? {
      flask: ['reaction flask', 100],
      conical: ['conical flask', 100],
      funnel: ['separatory funnel', 100],
      paper: ['watch glass', 20],
    },
    stages: { product: ['Product', lines[first]?.[2]?.substance ?? first, { by: 'content', line: first }] },
    steps,
  });
}
