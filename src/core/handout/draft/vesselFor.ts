import { freeId } from '../../editing/freeId';
import type { Mention } from './mentions';
import type { PlannedVessel, Preparation } from '../../document/document';
import type { Slot } from '../../operations/declare/vessels';

// Sizes that stand in a cupboard, mL.
const sizes: Readonly<Record<'flask' | 'funnel' | 'beaker' | 'small', readonly number[]>> = {
  flask: [5, 10, 25, 50, 100, 250, 500, 1000, 2000],
  funnel: [30, 60, 125, 250, 500, 1000],
  beaker: [50, 100, 250, 400, 600, 1000, 2000],
  small: [5, 10, 20, 50, 100],
};
// So much of a vessel is filled, at most.
const filling: Readonly<Record<keyof typeof sizes, number>> = { flask: 0.5, funnel: 0.6, beaker: 0.5, small: 0.6 };

const sortOf = (kind: PlannedVessel['kind']): keyof typeof sizes =>
  kind === 'separatory funnel' || kind === 'dropping funnel'
    ? 'funnel'
    : kind === 'beaker' || kind === 'dish'
      ? 'beaker'
      : kind === 'vial' || kind === 'test tube' || kind === 'watch glass'
        ? 'small'
        : 'flask';

/** The next size of a kind of vessel for so much liquid. */
export function capacityFor(kind: PlannedVessel['kind'], volume_mL: number): number {
  const sort = sortOf(kind);
  const wanted = volume_mL / filling[sort];
  return sizes[sort].find((one) => one >= wanted) ?? sizes[sort].at(-1) ?? 100;
}

const perUnit: Readonly<Record<string, number>> = { mL: 1, g: 1, L: 1000, µL: 0.001, mg: 0.001 };
/** Volume of what is brought, a gram of a solid taken for a millilitre. */
const volumeOf = (mentions: readonly Mention[]) =>
  mentions.reduce(
    (sum, { amount }) =>
      sum + (amount ? Number(amount.high ?? amount.low) * (amount.times ?? 1) * (perUnit[amount.unit] ?? 0) : 0),
    0,
  );

const mostVessels = 30;

/** A vessel for a place of a step: the next of its kind that the handout names and no step uses, or a new one by the volumes so far. */
export function addVesselOf(
  making: { doc: Preparation; vessel: string | undefined },
  slot: Slot | undefined,
  mentions: readonly Mention[],
): string {
  const { doc } = making;
  const kind = slot?.takes ?? 'reaction flask';
  const used = new Set(doc.steps.flatMap(({ uses = {} }) => Object.values(uses)));
  const funnel = kind === 'separatory funnel' ? doc.vessels.find((one) => one.kind === kind) : undefined;
  const free = funnel ?? doc.vessels.find((one) => one.kind === kind && !used.has(one.id));
  const last =
    doc.vessels.length >= mostVessels
      ? (doc.vessels.findLast((one) => one.kind === kind) ?? doc.vessels.at(-1))
      : undefined;
  if (free ?? last) return (free ?? last)?.id ?? '';
  const alike = doc.vessels.filter((one) => one.kind === kind).length;
  const name = `${kind.charAt(0).toUpperCase()}${kind.slice(1)}${alike > 0 ? ` ${String(alike + 1)}` : ''}`;
  const charged = doc.lines.reduce(
    (sum, { entered, portions = 1 }) =>
      'unit' in entered ? sum + Number(entered.digits) * portions * (perUnit[entered.unit] ?? 0) : sum,
    0,
  );
  const vessel: PlannedVessel = {
    id: freeId(name, doc.vessels, 'vessel'),
    name,
    kind,
    capacity_mL: capacityFor(kind, Math.max(5, charged + volumeOf(mentions))),
  };
  making.doc = { ...doc, vessels: [...doc.vessels, vessel] };
  return vessel.id;
}
