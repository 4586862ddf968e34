import { acidEquivalents, baseEquivalents, neutralizationRise } from './equivalents';
import { fact, finding } from '../finding/finding';
import { groupsOf, hasGroup } from '../reference/groups';
import { hydrogenPerMole } from '../compound/gases';
import { kinds } from './materials';
import { meetings } from './meetings';
import { molarVolume_L } from '../models/molarVolume';
import { placeOf } from './placeOf';
import { names, namesInside } from './names';
import type { Finding } from '../finding/finding';
import type { Meeting } from './meetings';
import type { PlaceSeen, PlanSeen, Present, Scene } from './scene';

/** What happens when matter comes together, each at the step that brings it about. */
export function meetingFindings(plan: PlanSeen, scenes: readonly Scene[]): readonly Finding[] {
  const together = new Set<string>();
  return scenes.flatMap((scene) => {
    const found = new Map<string, { readonly meeting: Meeting; readonly a: Set<Present>; readonly b: Set<Present> }>();
    for (const place of scene.places) {
      const present = [...place.here.values()].filter((one) => !isMade(one) && !spent(one, place, scene));
      for (const meeting of meetings) {
        if (meeting.wasteOnly || !withThird(meeting, place)) continue;
        for (const [a, b] of pairsOf(meeting, { before: place.before, present }, scene, together)) {
          const held = found.get(meeting.rule) ?? { meeting, a: new Set<Present>(), b: new Set<Present>() };
          held.a.add(a);
          held.b.add(b);
          found.set(meeting.rule, held);
        }
      }
      const ids = [...place.here.keys()];
      for (const one of ids) for (const other of ids) together.add(`${one}|${other}`);
    }
    return [
      ...[...found.values()].map(({ meeting, a, b }) => findingOf(plan, scene, meeting, [...a], [...b])),
      ...scene.places.flatMap((place) => [
        ...haloform(plan, scene, place),
        ...acetonePeroxide(plan, scene, place),
        ...neutralizations(plan, scene, place),
      ]),
      ...waterIntoAcid(plan, scene),
    ];
  });
}

function withThird({ with: third }: Meeting, { here }: PlaceSeen): boolean {
  return third === undefined || [...here.values()].some(({ substance }) => kinds[third](substance));
}

/** Two that meet here for the first time, or of which one is brought in now. */
function pairsOf(
  { a, b, once }: Meeting,
  { before, present }: { before: PlaceSeen['before']; present: readonly Present[] },
  { came }: Scene,
  together: ReadonlySet<string>,
) {
  const ones = present.filter(({ substance }) => kinds[a](substance));
  const others = ones.length === 0 ? [] : present.filter(({ substance }) => kinds[b](substance));
  // Nearly always.
  if (others.length === 0) return [];
  const held = [...before.values()];
  // The kinds stood together before: a new member that only formed is no news.
  const old = held.some(({ substance }) => kinds[a](substance)) && held.some(({ substance }) => kinds[b](substance));
  return ones.flatMap((one) =>
    others
      .filter((other) => {
        if (other.id === one.id) return false;
        const met = together.has(`${one.id}|${other.id}`);
        if (met && once) return false;
        return came.has(one.id) || came.has(other.id) || (!met && !old);
      })
      .map((other) => [one, other] as const),
  );
}

/** What a model makes where the preparation names nothing, water excepted. */
const isMade = ({ invented, substance }: Present) => invented === true && !kinds.water(substance);

/** An acid that bases have taken up by now, or a base that acids have; bleach that as much sulfite or thiosulfate stood with. */
function spent({ id, substance }: Present, { before }: PlaceSeen, { came }: Scene): boolean {
  if (came.has(id) || !before.has(id)) return false;
  if (kinds.hypochlorite(substance)) return molesOf(before, kinds.sulfite) >= molesOf(before, kinds.hypochlorite);
  const [acid, base] = [acidEquivalents(before.values()), baseEquivalents(before.values())];
  if (kinds.readyAcid(substance)) return base > 0 && base >= acid;
  return hasGroup(groupsOf(substance), 'hydroxide') && acid > 0 && acid >= base;
}

/** Moles of a kind; what nobody knows the amount of counts for nothing. */
const molesOf = (all: PlaceSeen['before'], test: (one: Present['substance']) => boolean) =>
  [...all.values()].reduce((sum, { substance, moles = 0 }) => (test(substance) ? sum + moles : sum), 0);

/** Rules that stand for a substance alone as well. */
const beyond: ReadonlySet<string> = new Set(['hazard.azide', 'hazard.perchlorate', 'hazard.diazonium']);

function findingOf(
  plan: PlanSeen,
  scene: Scene,
  { rule, severity = 'caution' }: Meeting,
  a: readonly Present[],
  b: readonly Present[],
): Finding {
  const about = placeOf(plan, scene, [...a, ...b]);
  const args = { a: names(a), b: namesInside(b) };
  if (beyond.has(rule)) return finding(rule, severity, about, { name: `${args.a} with ${args.b}` });
  if (rule !== 'hazard.hydrogen') return finding(rule, severity, about, args);
  const moles = a.reduce((sum, one) => sum + (one.moles ?? NaN) * hydrogenPerMole(one.substance.formula), 0);
  return Number.isFinite(moles)
    ? finding(rule, severity, about, { ...args, gas: litres(moles) })
    : finding('hazard.hydrogenUnknown', severity, about, args);
}

/** A volume of gas at 20 °C and 1 atm, as a finding says it. */
export const litres = (moles: number) => fact({ dim: 'volume', value: moles * molarVolume_L * 1000 }, 'L', 2);

/** Acetone (or another ketone), chloroform and base: three that must not come together. */
function haloform(plan: PlanSeen, scene: Scene, { here }: PlaceSeen): readonly Finding[] {
  const all = [...here.values()];
  const found = (test: (one: Present['substance']) => boolean) => all.find(({ substance }) => test(substance));
  const chloroform = found((one) => hasGroup(groupsOf(one), 'chloroform'));
  const [ketone, base] = [found(kinds.ketone), found(kinds.hydroxide)];
  if (!chloroform || !ketone || !base || ![chloroform, ketone, base].some(({ id }) => scene.came.has(id))) return [];
  const args = { a: chloroform.name, b: namesInside([ketone]), c: namesInside([base]) };
  return [finding('hazard.haloform', 'stop', placeOf(plan, scene, [chloroform]), args)];
}

/** A ketone, hydrogen peroxide and acid: the peroxides that form explode while still wet. */
function acetonePeroxide(plan: PlanSeen, scene: Scene, { here }: PlaceSeen): readonly Finding[] {
  const all = [...here.values()];
  const [peroxide, ketone, acid] = [kinds.peroxide, kinds.ketone, kinds.readyAcid].map((test) =>
    all.find(({ substance }) => test(substance)),
  );
  if (!peroxide || !ketone || !acid || ![peroxide, ketone, acid].some(({ id }) => scene.came.has(id))) return [];
  const args = { a: ketone.name, b: namesInside([peroxide]), c: namesInside([acid]) };
  return [finding('hazard.acetonePeroxide', 'stop', placeOf(plan, scene, [peroxide]), args)];
}

// Warmer by so much it splashes or boils a low solvent.
const worthCaution_K = 15;
const worthNote_K = 5;

/** Acid and alkali meet: by how much it gets warmer when nothing is lost. */
function neutralizations(plan: PlanSeen, scene: Scene, { before, here }: PlaceSeen): readonly Finding[] {
  const brought = [...here.values()].filter(({ id }) => scene.came.has(id));
  const held = [...before.values()];
  const free = acidEquivalents(held) - baseEquivalents(held);
  const hydroxides = brought.filter(({ substance }) => kinds.hydroxide(substance));
  const alkali = held.filter((one) => kinds.hydroxide(one.substance) && !isMade(one));
  const acids = brought.filter(({ substance }) => kinds.readyAcid(substance));
  const alone = held.length === 0;
  // Brought in one after the other, or all at once where no step tells the order.
  const moles = Math.max(
    Math.min(free, baseEquivalents(hydroxides)),
    Math.min(-free, baseEquivalents(alkali), acidEquivalents(acids)),
    alone ? Math.min(acidEquivalents(acids), baseEquivalents(hydroxides)) : 0,
  );
  const grams = [...here.values()].reduce((sum, one) => sum + (one.grams ?? 0), 0);
  if (!(moles > 0) || !(grams > 0)) return [];
  const rise = neutralizationRise(moles, grams);
  if (rise < worthNote_K) return [];
  const acid = [...here.values()].filter(({ substance }) => kinds.readyAcid(substance));
  const base = [...hydroxides, ...alkali];
  if (acid.length === 0 || base.length === 0) return [];
  return [
    finding(
      'hazard.neutralizationHeat',
      rise >= worthCaution_K ? 'caution' : 'note',
      placeOf(plan, scene, [...hydroxides, ...acids]),
      { a: names(acid), b: namesInside(base), rise: fact({ dim: 'temperatureDifference', value: rise }, 'K', 2) },
    ),
  ];
}

/** A millilitre of concentrated sulfuric acid. */
const leastAcid_g = 1.5;
const strong = [kinds.sulfuricAcid, kinds.nitricAcid, kinds.perchloricAcid, kinds.oleum] as const;

/** Water goes into an acid of which more than half is acid; ice into a cold mixture, and pouring onto water, are not meant. */
function waterIntoAcid(plan: PlanSeen, scene: Scene): readonly Finding[] {
  const wet = plan.lines.filter(({ facts, total }) => {
    const { line, substance } = facts;
    if (!scene.lines.includes(line.id) || scene.conditions.pours?.includes(line.id)) return false;
    if (/\bice\b/i.test(substance.substance.name) || kinds.acid(substance.substance)) return false;
    const solution = (groupsOf(substance.substance)['water'] ?? 0) > 0 && (total.mass?.q.value ?? 1) > 0;
    return kinds.water(substance.substance) || (solution && !kinds.hydroxide(substance.substance));
  });
  const [line] = wet;
  if (!line || scene.step === undefined) return [];
  return scene.places.flatMap(({ before }) => {
    const held = [...before.values()];
    // A drop does nothing.
    const acid = held.find(
      ({ substance, grams = 0 }) => grams >= leastAcid_g && strong.some((test) => test(substance)),
    );
    const water = held
      .filter(({ substance }) => kinds.water(substance))
      .reduce((sum, one) => sum + (one.grams ?? 0), 0);
    if (!acid || (acid.grams ?? 0) <= water) return [];
    return [
      finding('hazard.waterIntoAcid', 'stop', placeOf(plan, scene, []), {
        a: namesInside([acid]),
        b: line.facts.substance.substance.name,
      }),
    ];
  });
}
