import { fact, finding } from '../../finding/finding';
import { has } from '../../operations/named';
import { gramsOf } from '../../worktop/matter/matter';
import { inSentence } from '../../document/inSentence';
import { stageMatter } from '../stageMatter';
import { weighingOf } from '../stageAhead';
import { named } from './subject';
import type { Finding } from '../../finding/finding';
import type { Matter } from '../../worktop/matter/matter';
import type { LineRole } from '../../document/document';
import type { Subject } from './subject';

// The models leave a little water after most drying agents.
const wet = 0.1;
// What did not react, and what crystallizes with it, is in every crude product.
const impure = 0.2;
const wetting: readonly LineRole[] = ['solvent', 'extractant', 'wash', 'rinse', 'quench'];

/** What else is on the balance where a stage is weighed: solvent that should have gone, and what came along. */
export function weighedProofs(subject: Subject): readonly Finding[] {
  const { plan, prediction, kind } = subject;
  const solvents = new Set(
    plan.doc.lines.flatMap(({ role, substance, solvent }) => (wetting.includes(role) ? [substance, solvent] : [])),
  );
  const wets = (id: string) => kind(id).water || (solvents.has(id) && !kind(id).solid);
  return prediction.stages.flatMap(({ stage }): readonly Finding[] => {
    const step = weighingOf(plan.doc, stage.id);
    const there = stageMatter(plan.doc, prediction, stage.id);
    const own = there?.[stage.substance] ?? 0;
    if (!step || has(step, 'unweighed') || !there || !(own > 0)) return [];
    const others = Object.entries(there).filter(([id]) => id !== stage.substance);
    const told = (rule: 'proof.weighedWet' | 'proof.notAlone', matter: Matter) => {
      const names = Object.entries(matter).filter(([, grams]) => grams > 0.1 * gramsOf(matter));
      return finding(
        rule,
        rule === 'proof.weighedWet' ? 'caution' : 'note',
        { step: step.id, item: stage.id },
        {
          step: named(subject, step),
          stage: inSentence(stage.name),
          mass: fact({ dim: 'mass', value: gramsOf(matter) }, 'g', 2),
          names: names.map(([id]) => inSentence(kind(id).name)).join(', '),
          share: fact({ dim: 'fraction', value: gramsOf(matter) / own }, '%', 2),
        },
      );
    };
    const [moist, rest] = [true, false].map((is) => Object.fromEntries(others.filter(([id]) => wets(id) === is)));
    return [
      ...(moist && gramsOf(moist) > wet * own ? [told('proof.weighedWet', moist)] : []),
      ...(rest && gramsOf(rest) > impure * own ? [told('proof.notAlone', rest)] : []),
    ];
  });
}
