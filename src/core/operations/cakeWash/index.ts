import { celsiusParam, idParam, params } from '../params';
import { event, measureLine } from '../asks';
import { eventsAt } from '../onRecord';
import { keptInSolution, solubilityOf } from '../predicting/solubility';
import { plus } from '../../mixture/matter';
import { productIn } from '../predicting/transfer';
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
    const cake = work.place('in');
    const aside = work.own('filtrate', 'Wash of the cake');
    const id = work.stage?.substance ?? '';
    const poured = work.introduce(line);
    const there = productIn(work, cake);
    const taken = keptInSolution(work, there, id, work.volume(poured), solubilityOf(work, id, solvent, at_C));
    const dissolved = there > 0 ? work.draw(cake, { [id]: taken.q.value }) : {};
    // The old liquid in the cake is pushed out by the wash, and as much of the wash stays in its place.
    const old = work.takeAll(cake, 'liquid');
    work.put(aside, 'liquid', plus(plus(poured, old), dissolved));
    if (there > 0) work.lose('wash', 'dissolved in the wash', taken);
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
