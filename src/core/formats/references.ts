import { refsOf } from '../operations/declare/refs';
import { findOperation } from '../operations/registry';
import type { EarlierPreparation } from '../document/earlier';
import type { Preparation } from '../document/document';

/** A fault of a document: where it is and why. */
export interface DocumentFault {
  /** Keys and indices from the top of the document. */
  readonly path: readonly (string | number)[];
  readonly reason: string;
}

type Path = DocumentFault['path'];
/** Notes a fault where something is named that is not there. */
type Need = (known: ReadonlySet<string>, id: string | undefined, what: string, ...path: Path) => void;
type KnownIds = Readonly<
  Record<'substances' | 'lines' | 'vessels' | 'devices' | 'stages' | 'steps', ReadonlySet<string>>
>;
type Shared = Pick<Preparation, 'substances' | 'lines' | 'vessels' | 'devices' | 'steps' | 'pin' | 'reference'> & {
  readonly stages: readonly { readonly id: string; readonly substance: string }[];
};

/** Checks that every id a document names exists, and exists once. */
export function referenceFaults(doc: Preparation): readonly DocumentFault[] {
  const faults: DocumentFault[] = [];
  const { need, known, unique } = sharedFaults(doc, faults);
  const reactions = unique('reactions', doc.reactions);
  doc.reactions.forEach(({ terms, product, reference, runs }, i) => {
    terms.forEach(({ substance }, k) =>
      need(known.substances, substance, 'substance', 'reactions', i, 'terms', k, 'substance'),
    );
    need(known.substances, product, 'substance', 'reactions', i, 'product');
    need(known.lines, reference, 'line', 'reactions', i, 'reference');
    runs.forEach(({ step }, k) => need(known.steps, step, 'step', 'reactions', i, 'runs', k, 'step'));
  });
  doc.lines.forEach(({ reaction, supply, solvent, contains = [] }, i) => {
    need(reactions, reaction, 'reaction', 'lines', i, 'reaction');
    need(known.stages, supply?.stage, 'stage', 'lines', i, 'supply', 'stage');
    need(known.substances, solvent, 'substance', 'lines', i, 'solvent');
    contains.forEach(({ substance }, k) =>
      need(known.substances, substance, 'substance', 'lines', i, 'contains', k, 'substance'),
    );
  });
  doc.stages.forEach(({ origin }, i) => {
    const earlier = new Set(doc.stages.slice(0, i).map(({ id }) => id));
    if (origin?.by === 'stage') need(earlier, origin.stage, 'earlier stage', 'stages', i, 'origin', 'stage');
    else if (origin?.by === 'content') need(known.lines, origin.line, 'line', 'stages', i, 'origin', 'line');
    else need(reactions, origin?.reaction, 'reaction', 'stages', i, 'origin', 'reaction');
  });
  doc.steps.forEach((step, i) => {
    // Only what stands above, so that no two steps wait for each other.
    const above = new Set(doc.steps.slice(0, i).map(({ id }) => id));
    (step.after ?? []).forEach((id, k) => need(above, id, 'earlier step', 'steps', i, 'after', k));
  });
  return faults;
}

/** The same for a document of format 1 or 2, at its own places. */
export function earlierFaults(doc: EarlierPreparation): readonly DocumentFault[] {
  const faults: DocumentFault[] = [];
  const { need, known } = sharedFaults({ steps: [], stages: [], ...doc }, faults);
  doc.equation.terms.forEach(({ substance }, i) =>
    need(known.substances, substance, 'substance', 'equation', 'terms', i, 'substance'),
  );
  need(known.substances, doc.equation.product, 'substance', 'equation', 'product');
  doc.stages?.forEach(({ from, basis }, i, stages) => {
    need(known.lines, basis?.line, 'line', 'stages', i, 'basis', 'line');
    need(new Set(['charge', ...stages.slice(0, i).map(({ id }) => id)]), from, 'earlier stage', 'stages', i, 'from');
  });
  return faults;
}

/** What all formats have in common; the faults go where they are told. */
function sharedFaults(
  doc: Shared,
  faults: DocumentFault[],
): {
  readonly need: Need;
  readonly known: KnownIds;
  readonly unique: (key: string, all: readonly { readonly id: string }[]) => ReadonlySet<string>;
} {
  const unique = (key: string, all: readonly { readonly id: string }[]) => {
    const seen = new Set<string>();
    all.forEach(({ id }, i) => {
      if (seen.has(id)) faults.push({ path: [key, i, 'id'], reason: `"${id}" is used twice` });
      seen.add(id);
    });
    return seen;
  };
  const known: KnownIds = {
    substances: unique('substances', doc.substances),
    lines: unique('lines', doc.lines),
    vessels: unique('vessels', doc.vessels),
    devices: unique('devices', doc.devices),
    stages: unique('stages', doc.stages),
    steps: unique('steps', doc.steps),
  };
  const { substances, lines, vessels, devices, stages } = known;
  const need: Need = (known, id, what, ...path) => {
    if (id !== undefined && !known.has(id)) faults.push({ path, reason: `there is no ${what} "${id}"` });
  };
  need(lines, doc.reference, 'line', 'reference');
  doc.lines.forEach((line, i) => {
    need(substances, line.substance, 'substance', 'lines', i, 'substance');
    need(substances, line.delivers?.substance, 'substance', 'lines', i, 'delivers', 'substance');
    need(devices, line.device, 'device', 'lines', i, 'device');
    need(vessels, line.vessel, 'vessel', 'lines', i, 'vessel');
    const of = line.entered.by === 'perMass' && line.entered.of !== 'product' ? line.entered.of : undefined;
    need(lines, of, 'line', 'lines', i, 'entered', 'of');
    const device = doc.devices.find(({ id }) => id === line.device);
    if (device?.kind === 'thermometer')
      faults.push({ path: ['lines', i, 'device'], reason: `"${device.id}" measures no amount` });
    if (of === line.id) faults.push({ path: ['lines', i, 'entered', 'of'], reason: 'a line cannot refer to itself' });
  });
  doc.substances.forEach(({ solubility = [] }, i) =>
    solubility.forEach(({ solvent }, k) =>
      need(substances, solvent, 'substance', 'substances', i, 'solubility', k, 'solvent'),
    ),
  );
  doc.stages.forEach((stage, i) => {
    need(substances, stage.substance, 'substance', 'stages', i, 'substance');
  });
  doc.steps.forEach((step, i) => {
    Object.entries(step.uses ?? {}).forEach(([key, id]) => need(vessels, id, 'vessel', 'steps', i, 'uses', key));
    need(devices, step.device, 'device', 'steps', i, 'device');
    const named = { line: lines, stage: stages, substance: substances };
    const fields = findOperation(step.op)?.versions[step.opVersion - 1]?.fields ?? {};
    refsOf(fields, step.params).forEach(({ kind, id, path }) =>
      need(named[kind], id, kind, 'steps', i, 'params', ...path),
    );
  });
  if (doc.pin.at === 'line') need(lines, doc.pin.line, 'line', 'pin', 'line');
  if (doc.pin.at === 'vessel') need(vessels, doc.pin.vessel, 'vessel', 'pin', 'vessel');
  return { need, known, unique };
}
