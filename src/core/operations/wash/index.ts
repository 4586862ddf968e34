import { event } from '../asks';
import { groupsOf, hasGroup } from '../../reference/groups';
import { schoolOf } from '../../conventions/catalogue';
import {
  portionsWords,
  openFirst,
  shakingAsks,
  shakingCautions,
  shakingFindings,
  shakingOf,
  readShaking,
} from '../shaking/shaking';
import { washLayer } from './predict';
import { behind } from '../vesselAt';
import { defineOperation } from '../declare/defineOperation';
import { away, stays } from '../../worktop/vessels';
import { shakingFields } from '../shaking/types';
import type { Ask } from '../ask';
import type { ShakingParams } from '../shaking/types';
import type { StepContext } from '../operation';
import type { Slots } from '../../worktop/vessels';

const vessels = {
  in: stays('Vessel that is washed in', 'separatory funnel'),
  waste: away('Vessel for the washes', 'Wash'),
} satisfies Slots;

/** Whether it was washed enough, where a test can tell: what neutralizes, and water. By the scheme of the course it is asked, offered, or left. */
function endTest(context: StepContext<ShakingParams>): readonly Ask[] {
  const { doc } = context.bench;
  const scheme = schoolOf(doc.conventions, 'washScheme');
  const line = doc.lines.find(({ id }) => id === context.params.line);
  const substance = doc.substances.find(({ id }) => id === line?.substance);
  if (scheme === 'count' || !substance) return [];
  const tells = substance.formula === 'H2O' || hasGroup(groupsOf(substance), ...neutralizing);
  if (!tells) return [];
  const ask = event(
    context,
    'tested',
    'Test the last wash: no more gas, or neutral on paper? If not, wash once more.',
    'Tested: it is enough',
  );
  return [scheme === 'test' ? ask : { ...ask, optional: 'Test whether it was enough' }];
}

const neutralizing = ['carbonate', 'bicarbonate', 'hydroxide', 'mineralAcid', 'ammonia', 'carboxylicAcid'] as const;

/** Pulling impurities out of the product's layer: what stays is kept. */
export const wash = defineOperation({
  name: 'wash',
  version: 1,
  title: 'Wash',
  phase: 'workUp',
  sign: 'funnel',
  told: { by: [{ by: 'wash' }], leaves: 'solution', still: 'ends', severally: true },
  fields: { ...shakingFields, line: { ...shakingFields.line, role: 'wash' } },
  vessels,
  traits: ['isolates', 'separates'],
  readEntry: readShaking,
  actual: shakingOf,
  sentence: (context) =>
    `Wash the organic layer${behind(context, 'in')}${portionsWords(context)}; it should be the ${context.params.organic} one, and is kept.`,
  cautions: (context) => [...openFirst(context), ...shakingCautions],
  conditions: ({ organic }) => ({ shakes: true, organic }),
  moments: (work, params) => washLayer(work, params),
  asks: (_, context) => [
    ...shakingAsks(context, 'Separate. The organic layer stays, the wash goes into its labelled flask.', 'waste'),
    ...endTest(context),
  ],
  check: (actual, context) => shakingFindings(actual, context, 'Wash'),
  drawing: (_, { params: { organic } }) => ({ kind: 'funnel', organic }),
});
