import { listedBoiling_C } from '../reference/listedBoiling';
import type { Conditions } from './conditions';
import type { Preparation } from '../document/document';

/** From this vapour temperature on a water-cooled jacket can crack, °C (practical-course custom: 140 to 150). */
export const airCondenserFrom_C = 140;

/** Whether a condenser is cooled by air: by the temperature of its head, or of the highest-boiling substance that it names. */
export function isAirCooled(
  { airCooled, distils, refluxes, steam }: Conditions,
  substances: readonly (string | undefined)[],
  doc: Pick<Preparation, 'substances'>,
): boolean {
  if (airCooled !== undefined) return airCooled;
  if (refluxes) return refluxes.vapour_C >= airCondenserFrom_C;
  if (!distils || steam) return false;
  const boiling = substances.map((id) => listedBoiling_C(doc.substances.find((one) => one.id === id)));
  const hottest = distils.vapour_C ?? Math.max(...boiling.filter(Number.isFinite), -Infinity);
  return hottest >= airCondenserFrom_C;
}
