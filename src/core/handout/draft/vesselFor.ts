import { capital } from '../../capital';
import { freeId } from '../../editing/freeId';
import { mostOf } from '../../document/limits';
import { sizeFor } from '../../plan/vesselSizing';
import type { Mention } from './mentions';
import type { PlannedVessel, Preparation } from '../../document/document';
import type { VesselSlot } from '../../worktop/vessels';

const perUnit: Readonly<Record<string, number>> = { mL: 1, g: 1, L: 1000, µL: 0.001, mg: 0.001 };
/** Volume of what is brought, a gram of a solid taken for a millilitre. */
const volumeOf = (mentions: readonly Mention[]) =>
  mentions.reduce(
    (sum, { amount }) =>
      sum + (amount ? Number(amount.high ?? amount.low) * (amount.times ?? 1) * (perUnit[amount.unit] ?? 0) : 0),
    0,
  );

// Where so much liquid fits no common vessel.
const largest_mL = 5000;

/** A vessel for a place of a step: the next of its kind that the handout names and no step uses, or a new one by the volumes so far. */
export function addVesselOf(
  making: { doc: Preparation; vessel: string | undefined },
  slot: VesselSlot | undefined,
  mentions: readonly Mention[],
): string {
  const { doc } = making;
  const kind = slot?.takes ?? 'reaction flask';
  const used = new Set(doc.steps.flatMap(({ uses = {} }) => Object.values(uses)));
  const funnel = kind === 'separatory funnel' ? doc.vessels.find((one) => one.kind === kind) : undefined;
  const free = funnel ?? doc.vessels.find((one) => one.kind === kind && !used.has(one.id));
  const last =
    doc.vessels.length >= mostOf.vessels
      ? (doc.vessels.findLast((one) => one.kind === kind) ?? doc.vessels.at(-1))
      : undefined;
  if (free ?? last) return (free ?? last)?.id ?? '';
  const alike = doc.vessels.filter((one) => one.kind === kind).length;
  const name = `${capital(kind)}${alike > 0 ? ` ${String(alike + 1)}` : ''}`;
  const charged = doc.lines.reduce(
    (sum, { entered, portions = 1 }) =>
      'unit' in entered ? sum + Number(entered.digits) * portions * (perUnit[entered.unit] ?? 0) : sum,
    0,
  );
  const vessel: PlannedVessel = {
    id: freeId(name, doc.vessels, 'vessel'),
    name,
    kind,
    capacity_mL: sizeFor(kind, Math.max(5, charged + volumeOf(mentions))) ?? largest_mL,
  };
  making.doc = { ...doc, vessels: [...doc.vessels, vessel] };
  return vessel.id;
}
