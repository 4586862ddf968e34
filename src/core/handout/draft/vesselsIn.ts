import { capital } from '../../capital';
import { freeId } from '../../editing/freeId';
import type { HandoutReading } from '../handout';
import type { PlannedVessel } from '../../document/document';

const kinds: readonly (readonly [PlannedVessel['kind'], RegExp])[] = [
  ['separatory funnel', /separat\w+ funnel/],
  ['dropping funnel', /(dropping|addition) funnel/],
  ['distillation flask', /distill?\w* flask/],
  ['conical flask', /conical|erlenmeyer/],
  ['filter flask', /(filter|suction|b[uü]chner) flask/],
  ['beaker', /beaker/],
  ['test tube', /tube/],
  ['vial', /vial|bottle/],
  ['dish', /dish|basin/],
  ['reaction flask', /flask|rbf/],
];
const measuring = /cylinder|pipette?|syringe|burette/;

/** Vessels whose size the handout says, each kind and size once, in the order of the text. */
export function vesselsIn({ text, clauses }: HandoutReading): readonly PlannedVessel[] {
  const vessels: PlannedVessel[] = [];
  for (const { quantities } of clauses)
    for (const { kind: is, unit, low, end, start } of quantities) {
      if (is !== 'vessel' || !/^m?L$/.test(unit)) continue;
      const words = `${text.slice(Math.max(0, start - 20), start)}|${text.slice(end, end + 40)}`.toLowerCase();
      const after = words.slice(words.indexOf('|'));
      if (measuring.test(after.slice(0, 24))) continue;
      const kind = (kinds.find(([, pattern]) => pattern.test(after)) ??
        kinds.find(([, pattern]) => pattern.test(words)))?.[0];
      const capacity_mL = Number(low) * (unit === 'L' ? 1000 : 1);
      if (!kind || vessels.some((one) => one.kind === kind && one.capacity_mL === capacity_mL)) continue;
      const name = capital(kind);
      vessels.push({ id: freeId(name, vessels, 'vessel'), name, kind, capacity_mL });
    }
  return vessels.slice(0, 20);
}
