import { burnsInRoom } from './fire';
import { finding } from '../finding/finding';
import { groupsOf, hasGroup } from '../reference/groups';
import { hasStatement, kinds } from './materials';
import { placeOf } from './placeOf';
import type { Finding, Place } from '../finding/finding';
import type { Judged } from './materials';
import type { PlanSeen, Present, Scene } from './scene';
import type { RuleId } from '../words/rules';

type Test = (substance: Judged) => boolean;

const corrosive: Test = (substance) => hasStatement(substance, 'H314', 'H318');
const says =
  (...codes: readonly string[]): Test =>
  (substance) =>
    hasStatement(substance, ...codes);

/** Cautions that a substance brings with it wherever it is used. */
const tests: readonly (readonly [RuleId, Finding['severity'], Test])[] = [
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
  ['hazard.skin', 'caution', says('H310', 'H311')],
  ['hazard.toxic', 'caution', says('H300', 'H301')],
  ['hazard.suspected', 'caution', says('H341', 'H351', 'H361')],
  ['hazard.organs', 'caution', says('H370', 'H371', 'H372', 'H373')],
  ['hazard.asthma', 'caution', says('H334')],
  ['hazard.sensitizer', 'note', says('H317')],
  ['hazard.geneticDefects', 'caution', says('H340')],
  ['hazard.cancer', 'caution', says('H350')],
  ['hazard.fertility', 'caution', says('H360')],
  ['hazard.flagged', 'caution', says('H340', 'H350', 'H360', 'H300', 'H310', 'H330')],
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

/** One finding for each substance and trigger, at the first step that holds it, formed or charged. */
export function materialFindings(plan: PlanSeen, scenes: readonly Scene[]): readonly Finding[] {
  const own = new Set(plan.doc.substances.map(({ id }) => id));
  const first = new Map<string, { readonly present: Present; readonly about: Place }>();
  for (const scene of scenes)
    for (const place of scene.places)
      for (const present of place.here.values())
        if (own.has(present.id) && !first.has(present.id))
          first.set(present.id, { present, about: { ...placeOf(plan, scene, [present]), substance: present.id } });
  return [...first.values()].flatMap(({ present: { substance, name }, about }) => [
    ...tests
      .filter(([, , test]) => test(substance))
      .map(([rule, severity]) => finding(rule, severity, about, { name })),
    ...notJudged(substance, name, about),
  ]);
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
