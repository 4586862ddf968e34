import { celsiusParam, idParam, params } from '../params';
import { event, measureLine } from '../asks';
import { eventsAt } from '../onRecord';
import { solubilityOf } from '../predicting/solubility';
import { washCake } from '../predicting/filterOff';
import { stageName } from '../stages';
import type { Happening } from '../../record/entry';
import type { Live } from '../../record/foldRecord';
import type { Operation } from '../operation';

export interface CakeWashParams {
  readonly of: string;
  readonly line: string;
  /** Substance of the liquid. */
  readonly solvent: string;
  readonly at_C: number;
}

/** Washing a cake, or stirring it up in a liquid that takes the by-product or the salt and not the product. */
export const cakeWash: Operation<CakeWashParams, { readonly washed?: Live<Happening> }> = {
  name: 'cakeWash',
  version: 1,
  title: 'Washing the cake',
  params: params({
    of: idParam().required(),
    line: idParam().required(),
    solvent: idParam().required(),
    at_C: celsiusParam().required(),
  }),
  refs: ({ of, line, solvent }) => ({ lines: [line], stages: [of], substances: [solvent] }),
  without: (params, line) => (line === params.line ? undefined : params),
  actual: (context) => eventsAt(context, 'washed'),
  sentence: (context) => `Wash the ${stageName(context, context.params.of)} on the paper, vacuum off, then on.`,
  cautions: () => ['Keep this filtrate apart until the product is weighed.'],
  isolates: true,
  predict: (work, { line, solvent, at_C }) => {
    const id = work.stage?.substance ?? '';
    washCake(work, {
      wash: line,
      cake: work.place('in'),
      filtrate: work.own('filtrate', 'Wash of the cake'),
      id,
      s: solubilityOf(work, id, solvent, at_C),
    });
  },
  asks: (_, context) => [
    ...measureLine(context, context.params.line),
    event(
      context,
      'washed',
      'Vacuum off, the liquid on, stir gently, vacuum on; portion by portion.',
      'Washed and sucked dry',
    ),
  ],
};
