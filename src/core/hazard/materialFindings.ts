import { fact, finding } from '../finding/finding';
import { hasGroup } from '../reference/groups';
import { hasStatement, kinds } from './materials';
import type { Finding, Place } from '../finding/finding';
import type { HazardContext } from './context';
import type { Material } from './materials';
import type { RuleId } from '../finding/rules';
import type { Substance } from '../preparation/document';

type Test = (substance: Substance) => boolean;

const corrosive: Test = (substance) => hasStatement(substance, 'H314');

/** Cautions that a substance brings with it wherever it is used. */
const tests: readonly (readonly [RuleId, Finding['severity'], Test])[] = [
  ['hazard.acidOrder', 'caution', (substance) => kinds.mineralAcid(substance) && corrosive(substance)],
  ['hazard.alkali', 'note', (substance) => kinds.hydroxide(substance)],
  ['hazard.ether', 'caution', (substance) => hasGroup(substance.groups, 'ether') && kinds.flammable(substance)],
  ['hazard.peroxide', 'caution', ({ peroxideFormer }) => peroxideFormer === true],
  [
    'hazard.toxicVapour',
    'caution',
    (substance) =>
      hasStatement(substance, 'H330', 'H331', 'H334', 'EUH071') || hasGroup(substance.groups, 'halogen', 'acidHalide'),
  ],
  ['hazard.skin', 'caution', (substance) => hasStatement(substance, 'H310', 'H311')],
  ['hazard.sensitizer', 'note', (substance) => hasStatement(substance, 'H317')],
  ['hazard.flagged', 'caution', (substance) => hasStatement(substance, 'H340', 'H350', 'H360', 'H300', 'H310', 'H330')],
];

/** One finding for each substance and trigger, at the first step that handles it. */
export function materialFindings(context: HazardContext): readonly Finding[] {
  const seen = new Set<string>();
  return context.materials.flatMap((material) => {
    const { substance, name } = material;
    if (seen.has(substance.id)) return [];
    seen.add(substance.id);
    const place = placeOf(context, material);
    const found = tests
      .filter(([, , test]) => test(substance))
      .map(([rule, severity]) => finding(rule, severity, place, { name }));
    const unknown = substance.hazards === undefined && substance.formula !== undefined;
    return [...found, ...(unknown ? [finding('hazard.noData', 'note', place, { name })] : [])];
  });
}

function placeOf(context: HazardContext, { line, substance }: Material): Place {
  const step = context.stepOf(line.facts.line.id);
  return { line: line.facts.line.id, substance: substance.id, ...(step ? { step } : {}) };
}

const reacting: ReadonlySet<string> = new Set(['reactant', 'reagent in excess', 'catalyst', 'solvent']);

/** Flammable materials near heat: each hot step that handles some, or that heats what was charged before. */
export function flameFindings(context: HazardContext): readonly Finding[] {
  return context.steps.flatMap(({ id, conditions, lines }, i) => {
    if (!conditions.hot) return [];
    const before = new Set(context.steps.slice(0, i).flatMap((step) => step.lines));
    const workedUp = context.materials.some(
      ({ line: { facts } }) => facts.line.role === 'quench' && before.has(facts.line.id),
    );
    const near = context.materials.filter(({ line, substance }) => {
      const { id: key, role } = line.facts.line;
      // Without lines of its own a step heats what was charged to the reaction, until that is worked up.
      const heats =
        lines.length === 0 && conditions.boiling === true && !workedUp && reacting.has(role) && before.has(key);
      return (lines.includes(key) || heats) && kinds.flammable(substance);
    });
    if (near.length === 0) return [];
    const flash = near
      .map(({ substance }) => Number(substance.flash?.digits ?? NaN))
      .filter(Number.isFinite)
      .sort((a, b) => a - b)[0];
    const named = [...new Set(near.map(({ name }) => name))].join('; ');
    const about = { step: id };
    return flash === undefined
      ? [finding('hazard.flame', 'caution', about, { names: named })]
      : [
          finding('hazard.flameFlash', 'caution', about, {
            names: named,
            flash: fact({ dim: 'temperature', value: flash }, '°C', flash <= -100 || flash >= 100 ? 3 : 2),
          }),
        ];
  });
}
