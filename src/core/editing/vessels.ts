import { capital } from '../capital';
import { changed } from '../changed';
import { freeId } from './freeId';
import { setUse } from './steps';
import type { PlannedVessel, Preparation } from '../document/document';

// A common middle size; the plan suggests the one that fits.
export const first_mL = 100;

/** Adds a vessel of a kind. */
export function addVessel(doc: Preparation, kind: PlannedVessel['kind'], capacity_mL = first_mL): Preparation {
  const alike = doc.vessels.filter((one) => one.kind === kind).length;
  const name = `${capital(kind)}${alike > 0 ? ` ${alike + 1}` : ''}`;
  const vessel: PlannedVessel = { id: freeId(name, doc.vessels, 'vessel'), name, kind, capacity_mL };
  return { ...doc, vessels: [...doc.vessels, vessel] };
}

/** Adds a vessel of a kind where a step uses one. */
export function addVesselAt(
  doc: Preparation,
  step: string,
  use: string,
  { kind, capacity_mL }: Pick<PlannedVessel, 'kind' | 'capacity_mL'>,
): Preparation {
  const added = addVessel(doc, kind, capacity_mL);
  return setUse(added, step, use, added.vessels.at(-1)?.id);
}

/** Removes a vessel: lines and steps that named it name none, and a pin on it falls back to the scale as written. */
export function removeVessel(doc: Preparation, id: string): Preparation {
  return {
    ...doc,
    vessels: doc.vessels.filter((one) => one.id !== id),
    lines: doc.lines.map((line) => (line.vessel === id ? changed(line, { vessel: undefined }) : line)),
    steps: doc.steps.map((step) => {
      const uses = Object.entries(step.uses ?? {}).filter(([, vessel]) => vessel !== id);
      if (uses.length === Object.keys(step.uses ?? {}).length) return step;
      return changed(step, { uses: uses.length > 0 ? Object.fromEntries(uses) : undefined });
    }),
    pin: doc.pin.at === 'vessel' && doc.pin.vessel === id ? { at: 'factor', digits: '1' } : doc.pin,
  };
}
