/**
 * Boiling point as it is listed, °C at the usual pressure; NaN where none is.
 *
 * @example listedBoiling_C({ boiling: { digits: '77.1' } }) // → 77.1
 */
export function listedBoiling_C(substance: { readonly boiling?: { readonly digits: string } } | undefined): number {
  return Number(substance?.boiling?.digits ?? NaN);
}
