import { objectOf } from '../told';
import type { SaidClause } from '../told';
import { worksIn } from '../../worktop/transfer';
import { event, measureLine } from '../asks';
import { eventsAt } from '../onRecord';
import { solubilityOf } from '../../worktop/solubility';
import { washCake } from '../../worktop/filterOff';
import { stageName } from '../stages';
import { lineWords } from '../linesWords';
import { defineOperation } from '../declare/defineOperation';
import * as field from '../declare/fields';
import { away, stays } from '../../worktop/vessels';
import type { Happening } from '../../record/entry';
import type { Live } from '../../record/foldRecord';
import type { Fields } from '../declare/fields';
import type { Slots } from '../../worktop/vessels';

const fields = {
  of: field.goal('What stays on the paper'),
  line: field.line('Wash', { role: 'wash' }),
  solvent: field.substance('Liquid of the wash', { role: 'wash' }),
  at_C: field.celsius('At', { usual: 5 }),
} satisfies Fields;

const vessels = {
  in: stays('Paper with the cake'),
  filtrate: away('Wash of the cake', 'Wash of the cake'),
} satisfies Slots;

const washesLiquid = (said: SaidClause) =>
  /\b(layers?|extracts?|organic|ethereal|ether (solution|layer)|phases?|solution|distillate|filtrate)\b/.test(
    objectOf(said),
  );
const washesSolid = (said: SaidClause) =>
  /\b(crystals?|solids?|precipitates?|cake|residue|powder|needles|plates)\b/.test(objectOf(said));

/** Washing a cake, or stirring it up in a liquid that takes the by-product or the salt and not the product. */
export const cakeWash = defineOperation({
  name: 'cakeWash',
  version: 1,
  title: 'Washing the cake',
  phase: 'isolate',
  sign: 'suction',
  told: {
    by: [
      {
        by: 'wash',
        rank: 1,
        when: (said) => !washesLiquid(said) && (washesSolid(said) || said.soundings.holds === 'solid'),
      },
      { by: 'grind', rank: 1, when: ({ text }) => /triturat/.test(text) },
    ],
    leaves: 'solid',
    severally: true,
  },
  fields,
  vessels,
  traits: ['isolates'],
  actual: (context): { readonly washed?: Live<Happening> } => eventsAt(context, 'washed'),
  sentence: (context) =>
    `Wash the ${stageName(context, context.params.of)} on the paper with ${lineWords(context, context.params.line)}, vacuum off, then on.`,
  cautions: () => ['Keep this filtrate apart until the product is weighed.'],
  predict: (work, { line, solvent, at_C }) => {
    const id = work.stage?.substance ?? '';
    washCake(work, {
      wash: line,
      cake: worksIn(work),
      filtrate: work.receiver('filtrate'),
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
  drawing: () => ({ kind: 'suction' }),
});
