import { anhydrousAtoms } from '../compound/atomsOf';
import { burnsInRoom } from './fire';
import { fact, finding } from '../finding/finding';
import { kinds } from './materials';
import { listedBoiling_C } from '../reference/listedBoiling';
import { lowerExplosiveLimit } from '../models/vapour/lowerExplosiveLimit';
import { molarVolume_L } from '../models/molarVolume';
import { names } from './names';
import type { Conditions } from '../operations/conditions';
import type { Finding, Severity } from '../finding/finding';
import type { PlanSeen, Present, Scene } from './scene';

/** Dangers that lie in what is done: boiling down, drying, grinding, keeping. First contact says nothing of them. */
export function actFindings(plan: PlanSeen, scenes: readonly Scene[]): readonly Finding[] {
  const told = new Set<string>();
  return scenes.flatMap((scene) =>
    scene.step === undefined
      ? []
      : [...peroxides(scene, told), ...explosives(scene), ...silver(scene), ...oven(plan, scene)],
  );
}

const about = ({ step }: Scene) => ({ step: step?.id ?? '' });
/** Solvent leaves, and what was dissolved stays. */
const concentrates = ({ distils, concentrates: leaves, vacuum }: Conditions) =>
  distils !== undefined || leaves === true || vacuum === 'rotary';

const presentIn = ({ places }: Scene) => {
  const all = places.flatMap(({ before, here }) => [...before.values(), ...here.values()]);
  return [...new Map(all.map((one) => [one.id, one])).values()];
};

/** What forms peroxides, where it is boiled down or kept: said at the first such step. */
function peroxides(scene: Scene, told: Set<string>): readonly Finding[] {
  if (!concentrates(scene.conditions) && !scene.conditions.keeps) return [];
  return presentIn(scene).flatMap((one) => {
    if (!kinds.peroxideFormer(one.substance) || (one.grams ?? least_g) < least_g || told.has(one.id)) return [];
    told.add(one.id);
    return [finding('hazard.peroxide', 'caution', { ...about(scene), substance: one.id }, { name: one.name })];
  });
}

const least_g = 0.5;

/** What explodes when it is dry, rubbed or hot. */
function explosives(scene: Scene): readonly Finding[] {
  const { conditions } = scene;
  const severity = severityOf(conditions);
  if (!severity) return [];
  const all = presentIn(scene).filter(({ substance }) => kinds.explosive(substance));
  return all.length === 0
    ? []
    : [finding('hazard.explosive', severity, about(scene), { names: names(all), act: actOf(conditions) })];
}

function severityOf({ oven, grinds, warms, dries, keeps }: Conditions): Severity | undefined {
  if (oven || grinds || warms) return 'stop';
  return dries || keeps ? 'caution' : undefined;
}

const actOf = ({ oven, grinds, warms, dries }: Conditions) =>
  oven ? 'dried in an oven' : grinds ? 'ground' : warms ? 'heated' : dries ? 'dried' : 'kept';

/** Ammoniacal silver is used at once: what stands or dries can explode. */
function silver(scene: Scene): readonly Finding[] {
  const { keeps, dries, warms } = scene.conditions;
  if (!keeps && !dries && !warms && !concentrates(scene.conditions)) return [];
  const held = scene.places.filter(({ before }) => {
    const all = [...before.values()];
    const has = (test: (one: Present['substance']) => boolean) => all.some(({ substance }) => test(substance));
    return has(kinds.silver) && has(kinds.ammonia);
  });
  return held.length === 0 ? [] : [finding('hazard.silverKept', 'stop', about(scene))];
}

/** A small drying oven, L; and the share of the lower explosive limit that is the most (usual rule for ovens without a purge). */
const oven_L = 50;
const most = 0.25;
const worthWord = 0.05;

/** Solvent that a cake brings into a closed oven, of one bench and of all of them, against the lower explosive limit. */
function oven({ doc }: PlanSeen, scene: Scene): readonly Finding[] {
  if (!scene.conditions.oven) return [];
  const wet = scene.places
    .flatMap(({ before }) => [...before.values()])
    .filter(({ substance, grams = 0 }) => grams >= 0.01 && burnsInRoom(substance) && substance.form !== 'solid')
    .filter(({ substance }) => Number.isFinite(listedBoiling_C(substance)));
  const shares = wet.map((one) => shareOfLimit(one));
  const share = shares.reduce((sum, one) => sum + one, 0);
  const all = share * doc.benches;
  if (all < worthWord) return [];
  const grams = wet.reduce((sum, one) => sum + (one.grams ?? 0), 0);
  const percent = (value: number) => fact({ dim: 'fraction', value }, '%', 2);
  return [
    finding('hazard.ovenVapour', all > most ? 'stop' : 'caution', about(scene), {
      names: names(wet),
      mass: fact({ dim: 'mass', value: grams }, 'g', 2),
      share: percent(share),
      benches: String(doc.benches),
      all: percent(all),
    }),
  ];
}

/** Vapour of it in the oven over the lower explosive limit there. */
function shareOfLimit({ substance, moles = 0 }: Present): number {
  const atoms = anhydrousAtoms(substance.formula);
  if ((atoms['C'] ?? 0) === 0) return 0;
  const volumePercent = (moles * molarVolume_L * 100) / oven_L;
  return volumePercent / lowerExplosiveLimit(atoms);
}
