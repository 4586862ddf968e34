import { burnsInRoom } from './fire';
import { finding } from '../finding/finding';
import { gramsOf } from '../worktop/matter/matter';
import { groupsOf, hasGroup } from '../reference/groups';
import { hasStatement, kinds } from './materials';
import { placeOf } from './placeOf';
import type { Finding, Place } from '../finding/finding';
import type { Judged } from './materials';
import type { PlaceSeen, PlanSeen, Present, Scene } from './scene';
import type { RuleId } from '../words/rules';

type Test = (substance: Judged) => boolean;

const corrosive: Test = (substance) => hasStatement(substance, 'H314', 'H318');
const says =
  (...codes: readonly string[]): Test =>
  (substance) =>
    hasStatement(substance, ...codes);

/** Cautions that a substance brings with it wherever it is used. */
const tests: readonly (readonly [RuleId, Finding['severity'], Test, least?: number])[] = [
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
  ['hazard.suspected', 'caution', says('H341', 'H351'), 0.01],
  ['hazard.suspected', 'caution', (one) => says('H361')(one) && !says('H341', 'H351')(one), 0.03],
  ['hazard.organs', 'caution', says('H370', 'H371', 'H372', 'H373')],
  ['hazard.asthma', 'caution', says('H334')],
  ['hazard.sensitizer', 'note', says('H317')],
  ['hazard.geneticDefects', 'caution', says('H340'), 0.001],
  ['hazard.cancer', 'caution', says('H350'), 0.001],
  ['hazard.fertility', 'caution', says('H360'), 0.003],
  ['hazard.flagged', 'caution', says('H340', 'H350', 'H300', 'H310', 'H330'), 0.001],
  [
    'hazard.flagged',
    'caution',
    (one) => says('H360')(one) && !says('H340', 'H350', 'H300', 'H310', 'H330')(one),
    0.003,
  ],
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

/** A substance where it is met. */
interface Met {
  readonly present: Present;
  readonly scene: Scene;
  readonly place: PlaceSeen;
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
      for (const present of place.here.values()) {
        if (!own.has(present.id)) continue;
        const met = all.get(present.id);
        if (met) met.push({ present, scene, place });
        else all.set(present.id, [{ present, scene, place }]);
      }
  const aboutOf = ({ present, scene }: Met) => ({ ...placeOf(plan, scene, [present]), substance: present.id });
  return [...all.values()].flatMap((met) => {
    const [first] = met;
    if (!first) return [];
    const { substance, name } = first.present;
    return [
      ...tests
        .filter(([, , test]) => test(substance))
        .flatMap(([rule, severity, , least = 0]) => {
          const at = met.find((one) => least === 0 || shareOf(one) >= least);
          return at ? [finding(rule, severity, aboutOf(at), { name })] : [];
        }),
      ...notJudged(substance, name, aboutOf(first)),
    ];
  });
}

/** Share by mass of what is handled, 1 where nobody can tell: of what is brought in by one line that in its bottle, else that in the vessel: diluted later, it was handled as it came. */
function shareOf({ present: { id, grams }, scene: { step, lines, introduced }, place: { here } }: Met): number {
  const brought = introduced[id] ?? 0;
  if (brought > 0) return lines.length === 1 ? brought / gramsOf(introduced) : 1;
  const others = [...here.values()].map((one) => one.grams);
  if (step === undefined || grams === undefined || others.some((one) => one === undefined)) return 1;
  return grams / others.reduce<number>((sum, one) => sum + (one ?? 0), 0);
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
