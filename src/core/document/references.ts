import { refsOf } from '../operations/declare/refs';
import { findOperation } from '../operations/registry';
import { fromCharge } from './steps';
import type { Preparation } from './document';

/** A fault of a document: where it is and why. */
export interface DocumentFault {
  /** Keys and indices from the top of the document. */
  readonly path: readonly (string | number)[];
  readonly reason: string;
}

/** Checks that every id a document names exists, and exists once. */
export function referenceFaults(doc: Preparation): readonly DocumentFault[] {
  const faults: DocumentFault[] = [];
  const unique = (key: 'substances' | 'lines' | 'vessels' | 'devices' | 'stages' | 'steps') => {
    const seen = new Set<string>();
    doc[key].forEach(({ id }, i) => {
      if (seen.has(id)) faults.push({ path: [key, i, 'id'], reason: `"${id}" is used twice` });
      seen.add(id);
    });
    return seen;
  };
  const [substances, lines, vessels, devices, stages] = [
    unique('substances'),
    unique('lines'),
    unique('vessels'),
    unique('devices'),
    unique('stages'),
  ];
  unique('steps');
  const need = (
    known: ReadonlySet<string>,
    id: string | undefined,
    what: string,
    ...path: readonly (string | number)[]
  ) => {
    if (id !== undefined && !known.has(id)) faults.push({ path, reason: `there is no ${what} "${id}"` });
  };
  doc.equation.terms.forEach((term, i) =>
    need(substances, term.substance, 'substance', 'equation', 'terms', i, 'substance'),
  );
  need(substances, doc.equation.product, 'substance', 'equation', 'product');
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
    const earlier = new Set([fromCharge, ...doc.stages.slice(0, i).map(({ id }) => id)]);
    need(lines, stage.basis?.line, 'line', 'stages', i, 'basis', 'line');
    need(earlier, stage.from, 'earlier stage', 'stages', i, 'from');
  });
  doc.steps.forEach((step, i) => {
    Object.entries(step.uses ?? {}).forEach(([key, id]) => need(vessels, id, 'vessel', 'steps', i, 'uses', key));
    need(devices, step.device, 'device', 'steps', i, 'device');
    const known = { line: lines, stage: stages, substance: substances };
    const fields = findOperation(step.op)?.versions[step.opVersion - 1]?.fields ?? {};
    refsOf(fields, step.params).forEach(({ kind, id, path }) =>
      need(known[kind], id, kind, 'steps', i, 'params', ...path),
    );
  });
  if (doc.pin.at === 'line') need(lines, doc.pin.line, 'line', 'pin', 'line');
  if (doc.pin.at === 'vessel') need(vessels, doc.pin.vessel, 'vessel', 'pin', 'vessel');
  return faults;
}
