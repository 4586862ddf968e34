import { addStage } from '../stages';
import { changed } from '../../changed';
import { findOperation } from '../../operations/registry';
import { freeId } from '../freeId';
import { goalOf, namedBy } from '../../operations/named';
import { hasRoom } from '../../document/limits';
import { pruned } from '../pruned';
import { renamedRefs } from '../../operations/declare/refs';
import type { AddedSteps } from './block';
import type { Preparation } from '../../document/document';
import type { RefField } from '../../operations/declare/fields';

/** Ids of a block, by what they are in the preparation that takes it. */
type Names = Record<RefField['kind'] | 'vessel' | 'device', ReadonlyMap<string, string>>;

/**
 * Puts a block that was kept into a procedure. Its stages are the last ones of the preparation, what it purifies comes out as a new stage;
 * substances, vessels and devices that are there are used again, and so are lines of the same substance and role that no step takes yet.
 *
 * @param at index that its first step gets
 */
export function putBlock(doc: Preparation, block: Preparation, at: number): AddedSteps {
  const staged = withStages(doc, block);
  if (!staged) return { ok: false, lacks: 'stage' };
  const none = new Map<string, string>();
  const names: Names = { stage: staged.names, substance: none, line: none, vessel: none, device: none };
  const withSubstances = putSubstances(staged.doc, block, names);
  const withVessels = putVessels(withSubstances, block, names);
  const withLines = putLines(withVessels, block, names);
  const put = putSteps(withLines, block, { names, at });
  const added = pruned(put.doc);
  return hasRoom(added) ? { ok: true, doc: added, steps: put.steps } : { ok: false, lacks: 'room' };
}

function withStages(doc: Preparation, { stages }: Preparation) {
  const names = new Map<string, string>();
  if (stages.length === 0) return { doc, names };
  const made = doc.reactions.at(-1)?.product;
  let now = doc.stages.length === 0 && made !== undefined ? addStage(doc, made) : doc;
  const last = now.stages.at(-1);
  if (!last) return undefined;
  const measured = now.steps.some((step) => goalOf(step) === last.id);
  if (stages.length > 1 && measured) now = addStage(now, last.substance);
  while (now.stages.length < stages.length) now = addStage(now, last.substance);
  now.stages.slice(-stages.length).forEach(({ id }, i) => names.set(stages[i]?.id ?? '', id));
  return { doc: now, names };
}

function putSubstances(doc: Preparation, block: Preparation, names: Names): Preparation {
  const found = new Map<string, string>();
  // What the block was about, this preparation's product is now.
  for (const { id, substance } of block.stages) {
    const stage = doc.stages.find((one) => one.id === names.stage.get(id));
    if (stage) found.set(substance, stage.substance);
  }
  let substances = doc.substances;
  for (const one of block.substances) {
    if (found.has(one.id)) continue;
    const same = substances.find(
      (other) =>
        (one.reference !== undefined && other.reference === one.reference) ||
        other.name.toLowerCase() === one.name.toLowerCase(),
    );
    const id = same?.id ?? freeId(one.name, substances, 'substance');
    found.set(one.id, id);
    if (!same) substances = [...substances, { ...one, id }];
  }
  names.substance = found;
  const old = new Set(doc.substances.map(({ id }) => id));
  return {
    ...doc,
    substances: substances.map((one) =>
      old.has(one.id) || !one.solubility
        ? one
        : {
            ...one,
            solubility: one.solubility.map((curve) => ({
              ...curve,
              solvent: found.get(curve.solvent) ?? curve.solvent,
            })),
          },
    ),
  };
}

function putVessels(doc: Preparation, block: Preparation, names: Names): Preparation {
  const [vessels, devices] = [new Map<string, string>(), new Map<string, string>()];
  const allVessels = [...doc.vessels];
  for (const one of block.vessels) {
    const same = allVessels.find(({ name, kind }) => name === one.name && kind === one.kind);
    const id = same?.id ?? freeId(one.name, allVessels, 'vessel');
    vessels.set(one.id, id);
    if (!same) allVessels.push({ ...one, id });
  }
  const allDevices = [...doc.devices];
  for (const one of block.devices) {
    const same = allDevices.find(({ name, unit }) => name === one.name && unit === one.unit);
    const id = same?.id ?? freeId(one.name, allDevices, 'device');
    devices.set(one.id, id);
    if (!same) allDevices.push({ ...one, id });
  }
  names.vessel = vessels;
  names.device = devices;
  return { ...doc, vessels: allVessels, devices: allDevices };
}

function putLines(doc: Preparation, block: Preparation, names: Names): Preparation {
  const taken = new Set(doc.steps.flatMap((step) => namedBy(step, 'line')));
  const found = new Map<string, string>();
  const lines = [...doc.lines];
  const as = (id: string) => names.substance.get(id) ?? id;
  for (const one of block.lines) {
    const same = lines.find(
      (line) => line.role === one.role && line.substance === as(one.substance) && !taken.has(line.id),
    );
    const id = same?.id ?? freeId(one.id, lines, 'line');
    found.set(one.id, id);
    taken.add(id);
    if (!same) lines.push({ ...one, id });
  }
  names.line = found;
  const old = new Set(doc.lines.map(({ id }) => id));
  return {
    ...doc,
    lines: lines.map((line) => {
      if (old.has(line.id)) return line;
      const { delivers, solvent, device, contains, entered } = line;
      return changed(line, {
        substance: as(line.substance),
        solvent: solvent === undefined ? undefined : as(solvent),
        device: device === undefined ? undefined : names.device.get(device),
        delivers: delivers && { ...delivers, substance: as(delivers.substance) },
        contains: contains?.map((part) => ({ ...part, substance: as(part.substance) })),
        entered: entered.by === 'perMass' ? { ...entered, of: found.get(entered.of) ?? 'product' } : entered,
      });
    }),
  };
}

function putSteps(
  doc: Preparation,
  block: Preparation,
  { names, at }: { readonly names: Names; readonly at: number },
): { readonly doc: Preparation; readonly steps: readonly string[] } {
  const ids = new Map<string, string>();
  const all: { readonly id: string }[] = [...doc.steps];
  for (const { id } of block.steps) {
    const next = freeId(id, all, 'step');
    ids.set(id, next);
    all.push({ id: next });
  }
  const steps = block.steps.map((step) => ({
    ...changed(step, {
      device: step.device === undefined ? undefined : names.device.get(step.device),
      after: step.after?.map((id) => ids.get(id) ?? id),
      uses:
        step.uses &&
        Object.fromEntries(Object.entries(step.uses).map(([use, id]) => [use, names.vessel.get(id) ?? id])),
    }),
    id: ids.get(step.id) ?? step.id,
    params: renamedRefs(findOperation(step.op)?.fields ?? {}, step.params, ({ kind, id }) => names[kind].get(id) ?? id),
  }));
  return {
    doc: { ...doc, steps: [...doc.steps.slice(0, at), ...steps, ...doc.steps.slice(at)] },
    steps: steps.map(({ id }) => id),
  };
}
