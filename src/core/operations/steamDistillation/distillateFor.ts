import { toCanonical } from '../../quantity/units';
import type { ChargeLine } from '../../document/document';

/** Distillate to be collected: the sheet's volume at its own scale, in proportion for more or less material. */
export function distillateFor(
  distillate_mL: number,
  line: ChargeLine | undefined,
  portion_g: number | undefined,
): number {
  const entered = line?.entered;
  if (entered?.by !== 'mass' || portion_g === undefined) return distillate_mL;
  return (distillate_mL * portion_g) / toCanonical(entered.digits, entered.unit);
}
