import { burnsInRoom } from './fire';
import { finding } from '../finding/finding';
import { gramsOf } from '../worktop/matter/matter';
import { groupsOf, hasGroup } from '../reference/groups';
import { hasStatement, kinds } from './materials';
import { placeOf } from './placeOf';
import type { Finding, Place } from '../finding/finding';
import type { Judged } from './materials';
import type { PlanSeen, Present, Scene } from './scene';
import type { RuleId } from '../words/rules';

type Test = (substance: Judged) => boolean;

const corrosive: Test = (substance) => hasStatement(substance, 'H314', 'H318');

/**
 * Share by mass of a mixture from which a statement holds for it (CLP regulation, Annex I: tables 3.5.2, 3.6.2, 3.7.2). The others hold at any
 * share here.
 */
const fromShare: Readonly<Record<string, number>> = {
  H340: 0.001,
  H350: 0.001,
  H360: 0.003,
  H341: 0.01,
  H351: 0.01,
  H361: 0.03,
};

/** Cautions that a substance brings with it wherever it is used: by a kind, or by any of some statements of its label. */
const tests: readonly (readonly [RuleId, Finding['severity'], Test | readonly string[]])[] = [
  ['hazard.acidOrder', 'caution', (substance) => kinds.mineralAcid(substance) && hasStatement(substance, 'H314')],
  ['hazard.alkali', 'caution', (substance) => kinds.hydroxide(substance) && corrosive(substance)],
  ['hazard.alkali', 'note', (substance) => kinds.hydroxide(substance) && !corrosive(substance)],
  [
    'hazard.corrosive',
    'caution',
    (substance) => corrosive(substance) && !kinds.hydroxide(substance) && !kinds.mineralAcid(substance),
  ],
  ['hazard.ether', 'caution', (substance) => hasGroup(groupsOf(substance), 'ether') && burnsInRoom(substance)],
  [
    'hazard.toxicVapour',
    'caution',
    (substance) =>
      hasStatement(substance, 'H330', 'H331', 'EUH071') || hasGroup(groupsOf(substance), 'halogen', 'acidHalide'),
  ],
  ['hazard.skin', 'caution', ['H310', 'H311']],
  ['hazard.toxic', 'caution', ['H300', 'H301']],
  ['hazard.suspected', 'caution', ['H341', 'H351', 'H361']],
  ['hazard.organs', 'caution', ['H370', 'H371', 'H372', 'H373']],
  ['hazard.asthma', 'caution', ['H334']],
  ['hazard.sensitizer', 'note', ['H317']],
  ['hazard.geneticDefects', 'caution', ['H340']],
  ['hazard.cancer', 'caution', ['H350']],
  ['hazard.fertility', 'caution', ['H360']],
  ['hazard.flagged', 'caution', ['H340', 'H350', 'H360', 'H300', 'H310', 'H330']],
  ['hazard.alkaliMetal', 'caution', kinds.neverWater],
  ['hazard.aluminiumHydride', 'caution', kinds.aluminiumHydride],
  ['hazard.borohydride', 'caution', kinds.borohydride],
  ['hazard.magnesium', 'caution', kinds.magnesium],
  ['hazard.organometallic', 'caution', kinds.organometallic],
  ['hazard.waterReactiveKind', 'caution', (one) => kinds.waterReactive(one) && !handled(one)],
  ['hazard.azide', 'stop', kinds.azide],
  ['hazard.perchlorate', 'caution', kinds.perchlorate],
  ['hazard.diazonium', 'stop', kinds.diazonium],
];

/** What reacts with water in a way that another rule has words for. */
const handled: Test = (one) =>
  kinds.hydrides(one) || kinds.hydrolysing(one) || kinds.magnesium(one) || kinds.organometallic(one);

/** From which share of what is handled a trigger speaks of a substance; nothing where it never does. */
function leastShare(trigger: Test | readonly string[], substance: Judged): number | undefined {
  if (typeof trigger === 'function') return trigger(substance) ? 0 : undefined;
  const has = trigger.filter((code) => hasStatement(substance, code));
  return has.length === 0 ? undefined : Math.min(...has.map((code) => fromShare[code] ?? 0));
}

/** A substance where it is met. */
interface Met {
  readonly present: Present;
  readonly scene: Scene;
}

/**
 * One finding for each substance and trigger, at the first step that holds it, formed or charged; where a trigger begins at a share of a
 * mixture, at the first that holds so much.
 */
export function materialFindings(plan: PlanSeen, scenes: readonly Scene[]): readonly Finding[] {
  const own = new Set(plan.doc.substances.map(({ id }) => id));
  const all = new Map<string, Met[]>();
  for (const scene of scenes)
    for (const place of scene.places)
      for (const present of place.here.values())
        if (own.has(present.id)) all.set(present.id, [...(all.get(present.id) ?? []), { present, scene }]);
  const aboutOf = ({ present, scene }: Met) => ({ ...placeOf(plan, scene, [present]), substance: present.id });
  return [...all.values()].flatMap((met) => {
    const [first] = met;
    if (!first) return [];
    const { substance, name } = first.present;
    return [
      ...tests.flatMap(([rule, severity, trigger]) => {
        const least = leastShare(trigger, substance);
        const at = least === undefined ? undefined : met.find((one) => least === 0 || shareOf(one) >= least);
        return at ? [finding(rule, severity, aboutOf(at), { name })] : [];
      }),
      ...notJudged(substance, name, aboutOf(first)),
    ];
  });
}

/**
 * Share by mass of what is handled, 1 where nobody can tell: that in the bottle of the line that brings it, else the most in the vessel.
 * What is diluted was handled as it came.
 */
function shareOf({ present: { id, share = 1 }, scene: { step, lines, introduced } }: Met): number {
  if (step === undefined) return 1;
  const brought = introduced[id] ?? 0;
  if (brought === 0) return share;
  return lines.length === 1 ? brought / gramsOf(introduced) : 1;
}

/** Without a label or a structure there is nothing to judge by: that is said, and is no comfort. */
function notJudged(substance: Judged, name: string, about: Place): readonly Finding[] {
  const nothing = substance.hazards === undefined && substance.formula !== undefined && !kinds.water(substance);
  const carbon = substance.formula !== undefined && /C(?![a-z])/.test(substance.formula);
  return [
    ...(nothing ? [finding('hazard.noData', 'note', about, { name })] : []),
    ...(carbon && substance.groups === undefined ? [finding('hazard.notJudged', 'note', about, { name })] : []),
  ];
}
