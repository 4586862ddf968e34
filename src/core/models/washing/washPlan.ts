import { assertPositive } from '../guards';
import { acidProtons, hasGroup } from '../../reference/groups';
import { molarVolume_L } from '../molarVolume';
import { treatments } from './treatments';
import type { GroupCounts } from '../../reference/groups';
import type { TreatmentId } from './treatments';

/** Something that has to leave the organic layer. */
export interface Impurity {
  readonly name: string;
  /** Tells how many protons a mineral acid gives. */
  readonly formula?: string;
  readonly groups: GroupCounts;
  /** mmol in the layer; unknown when absent. */
  readonly mmol?: number;
  /** Mixes with water in all proportions. */
  readonly miscible?: boolean;
  /** A salt or an ion: it goes with any water. */
  readonly salt?: boolean;
}

export interface WashPlanOptions {
  readonly impurities: readonly Impurity[];
  /** Groups of what is kept. */
  readonly product: GroupCounts;
  /** mL of the organic layer. */
  readonly layer_mL: number;
}

/** One wash of the plan, in order. */
export interface PlannedWash {
  readonly treatment: TreatmentId;
  /** mL of each. */
  readonly volume_mL: number;
  readonly times: number;
  readonly removes: readonly string[];
  readonly why: string;
  readonly cautions: readonly string[];
  /** L of carbon dioxide at 20 °C. */
  readonly gas_L?: number;
}

/** What a wash plan comes to. */
export interface WashPlan {
  readonly washes: readonly PlannedWash[];
  /** What no wash takes, and why. */
  readonly left: readonly { readonly name: string; readonly why: string }[];
}

// A tenth to a half of the layer, and half as much again as the impurity needs.
const [least, most, excess] = [0.1, 0.5, 1.5];

/**
 * Washes of an organic layer by what has to leave it: the reagent that turns each impurity into something that water keeps, in
 * an order in which none undoes or precipitates another, brine last (the usual practice of work-up; see `treatments`). Volumes
 * are 10 to 50 % of the layer; a reagent is repeated until it suffices half as much again as the impurity needs.
 *
 * @throws RangeError when the layer has no volume
 * @example washPlan({ impurities: [{ name: 'acid', groups: { carboxylicAcid: 1 }, mmol: 5 }], product: { ester: 1 }, layer_mL: 20 }).washes.at(-1).treatment // → 'brine'
 */
export function washPlan({ impurities, product, layer_mL }: WashPlanOptions): WashPlan {
  assertPositive({ layer_mL });
  const taken = new Map<TreatmentId, Impurity[]>();
  const left: { name: string; why: string }[] = [];
  for (const impurity of impurities) {
    const fits = candidates(impurity);
    const good = fits.find((id) => !hasGroup(product, ...treatments[id].attacks));
    if (good) taken.set(good, [...(taken.get(good) ?? []), impurity]);
    else
      left.push({
        name: impurity.name,
        why: fits[0]
          ? `${treatments[fits[0]].name} would take it, and the product too`
          : 'no wash takes it: distil or recrystallize',
      });
  }
  const ordered = withWaterBetween((Object.keys(treatments) as TreatmentId[]).filter((id) => taken.has(id)));
  const washes = ordered.map(({ id, between }) =>
    between ? separating(layer_mL) : planned(id, taken.get(id) ?? [], layer_mL),
  );
  return { washes: [...washes, planned('brine', [], layer_mL)], left };
}

function candidates({ groups, miscible, salt }: Impurity): readonly TreatmentId[] {
  if (salt) return ['water'];
  const fits = (Object.keys(treatments) as TreatmentId[]).filter((id) => hasGroup(groups, ...treatments[id].takes));
  return miscible ? [...fits, 'water'] : fits;
}

interface Ordered {
  readonly id: TreatmentId;
  /** Only there to keep its neighbours apart. */
  readonly between?: true;
}

/** Two washes that fall out or set gas free with each other get water between them. */
function withWaterBetween(ids: readonly TreatmentId[]): readonly Ordered[] {
  return ids.flatMap((id, i): readonly Ordered[] => {
    const before = ids[i - 1];
    const clash = before !== undefined && treatments[id].notAfter.includes(before);
    return clash ? [{ id: 'water', between: true }, { id }] : [{ id }];
  });
}

function separating(layer_mL: number): PlannedWash {
  return {
    treatment: 'water',
    volume_mL: least * layer_mL,
    times: 1,
    removes: [],
    why: 'keeps the wash before and the next one apart: a solid or gas would come',
    cautions: [],
  };
}

/** Equivalents of a treatment's reagent that a molecule takes. */
function equivalents(id: TreatmentId, { formula, groups }: Impurity): number {
  const { amine = 0, ammonia = 0, hydroxide = 0, carbonate = 0, bicarbonate = 0, phenol = 0 } = groups;
  const alkali = hydroxide * (/\(OH\)2/.test(formula ?? '') ? 2 : 1);
  const each: Partial<Record<TreatmentId, number>> = {
    bicarbonate: acidProtons(formula, groups),
    acid: amine + ammonia + alkali + 2 * carbonate + bicarbonate,
    hydroxide: phenol,
  };
  return Math.max(1, each[id] ?? 1);
}

function planned(id: TreatmentId, impurities: readonly Impurity[], layer_mL: number): PlannedWash {
  const { molarity, why, cautions, gas } = treatments[id];
  const mmol = impurities.reduce((sum, one) => sum + (one.mmol ?? 0) * equivalents(id, one), 0);
  const needed = molarity === undefined ? 0 : (mmol * excess) / molarity;
  const volume_mL = Math.min(most * layer_mL, Math.max(needed, least * layer_mL));
  const gas_L = gas ? (mmol / 1000) * molarVolume_L : 0;
  return {
    treatment: id,
    volume_mL,
    times: Math.max(1, Math.ceil(needed / volume_mL - 1e-9)),
    removes: impurities.map(({ name }) => name),
    why,
    cautions,
    ...(gas_L > 0 ? { gas_L } : {}),
  };
}
