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
  const unique = (key: 'substances' | 'lines' | 'vessels' | 'devices') => {
    const seen = new Set<string>();
    doc[key].forEach(({ id }, i) => {
      if (seen.has(id)) faults.push({ path: [key, i, 'id'], reason: `"${id}" is used twice` });
      seen.add(id);
    });
    return seen;
  };
  const [substances, lines, vessels, devices] = [
    unique('substances'),
    unique('lines'),
    unique('vessels'),
    unique('devices'),
  ];
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
    if (of === line.id) faults.push({ path: ['lines', i, 'entered', 'of'], reason: 'a line cannot refer to itself' });
  });
  if (doc.pin.at === 'line') need(lines, doc.pin.line, 'line', 'pin', 'line');
  if (doc.pin.at === 'vessel') need(vessels, doc.pin.vessel, 'vessel', 'pin', 'vessel');
  return faults;
}
