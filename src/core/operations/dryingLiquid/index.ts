import { event, measureLine } from '../asks';
import { eventsAt } from '../onRecord';
import { idParam, minutesParam, params } from '../params';
import { dryWith } from './predict';
import { timer } from '../timer';
import type { Happening } from '../../record/entry';
import type { Live } from '../../record/foldRecord';
import type { Operation } from '../operation';

export interface DryingLiquidParams {
  /** Line of the drying agent. */
  readonly agent: string;
  readonly minutes: number;
  /** Dry solvent that rinses the agent. */
  readonly rinse?: string;
  readonly of?: string;
}

export interface DryingLiquid {
  readonly begun?: Live<Happening>;
  readonly dry?: Live<Happening>;
  readonly filtered?: Live<Happening>;
}

/** Drying an organic liquid: dose, swirl, look, add more; then off the agent, which is rinsed. */
export const dryingLiquid: Operation<DryingLiquidParams, DryingLiquid> = {
  name: 'dryingLiquid',
  version: 1,
  title: 'Drying the organic layer',
  params: params({
    agent: idParam().required(),
    minutes: minutesParam().required(),
    rinse: idParam(),
    of: idParam(),
  }),
  refs: ({ agent, rinse, of }) => ({ lines: [agent, rinse], ...(of === undefined ? {} : { stages: [of] }) }),
  without: ({ rinse, ...params }, line) =>
    line === params.agent ? undefined : { ...params, ...(rinse === undefined || rinse === line ? {} : { rinse }) },
  actual: (context) => eventsAt(context, 'begun', 'dry', 'filtered'),
  sentence: () => 'Add drying agent until it stays loose; swirl, wait, look.',
  cautions: () => ['Separate or pipette off visible drops of water first: an agent is for what is dissolved.'],
  isolates: true,
  predict: (work, params) => dryWith(work, params),
  asks: (_, context) => [
    ...measureLine(context, context.params.agent),
    event(context, 'begun', 'Swirl, then let it stand.', 'It stands'),
    event(context, 'dry', 'Clear, and the grains move free? All clumped means: add more.', 'Clear and loose'),
    event(context, 'filtered', 'Filter, plug or decant into a dry flask.', 'Off the agent'),
    ...(context.params.rinse ? measureLine(context, context.params.rinse) : []),
  ],
  timers: ({ begun: from, dry: to }, context) =>
    timer(context, {
      label: 'Over drying agent',
      then: 'Look: clear, and loose?',
      minutes: context.params.minutes,
      from,
      to,
    }),
};
