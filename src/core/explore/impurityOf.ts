import type { Impurity } from '../models/washing/washPlan';
import type { Kind } from '../worktop/kinds';

/** A substance as something that washes have to take, so far as its formula, its groups and its solubility tell. */
export function impurityOf({ name, groups, inorganic, substance }: Kind, mmol?: number): Impurity {
  const acidOrBase = groups.mineralAcid ?? groups.hydroxide ?? groups.carbonate ?? groups.bicarbonate;
  return {
    name,
    ...(substance?.formula === undefined ? {} : { formula: substance.formula }),
    groups,
    ...(mmol === undefined ? {} : { mmol }),
    ...(substance?.waterSolubility?.digits === 'miscible' ? { miscible: true } : {}),
    ...(inorganic && !acidOrBase && !groups.hypochlorite ? { salt: true } : {}),
  };
}
