import { acidProtons, groupsOf } from '../reference/groups';
import { coefficientInput } from '../stoichiometry/extents';
import { derive } from '../stoichiometry/derive';
import { fromWorked } from '../quantity/worked';
import { molarVolume_L } from '../models/molarVolume';
import type { GroupCounts } from '../reference/groups';
import type { Worked, WorkedInput } from '../quantity/worked';

/** Something with its amount and what it is. */
export interface Counted {
  readonly formula?: string | undefined;
  readonly groups?: GroupCounts | undefined;
  readonly amount?: Worked<'amount'> | undefined;
}

const molarVolume: WorkedInput = {
  q: { dim: 'molarVolume', value: molarVolume_L },
  unit: 'L/mol',
  figures: 2,
  source: { at: 'setting', id: 'gas at 20 °C and 1 atm' },
};

/**
 * Volume of an amount of gas at 20 °C and 1 atm, 24 L/mol (ideal gas law, 8.314·293.15/101.325 = 24.05).
 *
 * @returns mL
 */
export function gasVolume(amount: Worked<'amount'>): Worked<'volume'> {
  return derive({
    formula: 'gasVolume',
    dim: 'volume',
    unit: 'L',
    value: amount.q.value * molarVolume.q.value * 1000,
    inputs: { n: fromWorked(amount), V_m: molarVolume },
    figures: 2,
  });
}

/**
 * Carbon dioxide from a carbonate and acids: `HCO₃⁻ + H⁺ → CO₂ + H₂O`, `CO₃²⁻ + 2 H⁺ → CO₂ + H₂O`. The scarcer partner
 * decides.
 *
 * @returns nothing while an amount is unknown
 */
export function carbonDioxide(carbonate: Counted, acids: readonly Counted[]): Worked<'volume'> | undefined {
  const base = carbonate.amount;
  if (!base || acids.length === 0 || acids.some(({ amount }) => !amount)) return undefined;
  const perGas = carbonate.groups?.carbonate ? 2 : 1;
  const protons = acidAmount(acids);
  const scarce = protons.q.value / perGas < base.q.value;
  const released = derive({
    formula: 'gasReleased',
    dim: 'amount',
    unit: 'mmol',
    value: scarce ? protons.q.value / perGas : base.q.value,
    inputs: { n_lim: fromWorked(scarce ? protons : base), k: coefficientInput(scarce ? perGas : 1) },
  });
  return gasVolume(released);
}

/** Protons that acids give to carbonate, together. */
export function acidAmount(acids: readonly Counted[]): Worked<'amount'> {
  const each = acids.flatMap(({ formula, groups, amount }) =>
    amount
      ? [
          delivered(
            amount,
            acidProtons(formula, groupsOf({ ...(formula ? { formula } : {}), ...(groups ? { groups } : {}) })),
          ),
        ]
      : [],
  );
  const [only] = each;
  if (each.length === 1 && only) return only;
  return derive({
    formula: 'summed',
    dim: 'amount',
    unit: 'mmol',
    value: each.reduce((sum, one) => sum + one.q.value, 0),
    inputs: Object.fromEntries(each.map((one, i) => [`n_${i + 1}`, fromWorked(one)])),
    quotient: false,
  });
}

function delivered(amount: Worked<'amount'>, count: number): Worked<'amount'> {
  if (count === 1) return amount;
  return derive({
    formula: 'delivered',
    dim: 'amount',
    unit: 'mmol',
    value: count * amount.q.value,
    inputs: { k: coefficientInput(count), n_b: fromWorked(amount) },
  });
}
