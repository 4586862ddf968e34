/** A liquid as the list of azeotropes knows it: composition and boiling point, °C, tell one from its isomers. */
export interface AzeotropePartner {
  readonly atoms: Readonly<Record<string, number>>;
  readonly boiling_C: number;
}

/** Two liquids that boil together. */
export interface Azeotrope {
  readonly a: AzeotropePartner;
  readonly b: AzeotropePartner;
  /** At 760 torr, °C. */
  readonly boiling_C: number;
  /** Mass share of `a` in the vapour. */
  readonly share_a: number;
  /** Two layers when it is condensed. */
  readonly layers: boolean;
}

const liquid = (formula: string, boiling_C: number): AzeotropePartner => ({
  atoms: Object.fromEntries(
    [...formula.matchAll(/([A-Z][a-z]?)(\d*)/g)].map(([, element = '', count = '']) => [
      element,
      count === '' ? 1 : Number(count),
    ]),
  ),
  boiling_C,
});

const water = liquid('H2O', 100);
const methanol = liquid('CH4O', 64.7);
const ethanol = liquid('C2H6O', 78.4);
const propan2ol = liquid('C3H8O', 82.3);
const acetone = liquid('C3H6O', 56.1);
const acetic = liquid('C2H4O2', 118);

const pair = (
  a: AzeotropePartner,
  b: AzeotropePartner,
  boiling_C: number,
  percent_a: number,
  layers = false,
): Azeotrope => ({
  a,
  b,
  boiling_C,
  share_a: percent_a / 100,
  layers,
});

/** Common pairs at 760 torr with the mass per cent of the first (common handbook values; rounded as they are quoted). */
export const azeotropes: readonly Azeotrope[] = [
  pair(water, ethanol, 78.2, 4.4),
  pair(water, liquid('C3H8O', 97.2), 87.7, 28.3),
  pair(water, propan2ol, 80.4, 12.2),
  pair(water, liquid('C4H10O', 117.7), 92.7, 42.5, true),
  pair(water, liquid('C4H10O', 108), 89.8, 33, true),
  pair(water, liquid('C4H10O', 99.5), 87, 26.8),
  pair(water, liquid('C4H10O', 82.4), 79.9, 11.8),
  pair(water, liquid('C5H12O', 131.1), 95.2, 49.6, true),
  pair(water, liquid('C6H12O', 161), 97.8, 80, true),
  pair(water, liquid('C6H10O', 155.6), 95, 61.6, true),
  pair(water, liquid('C6H10', 83), 70.8, 10, true),
  pair(water, liquid('C6H12', 80.7), 69.5, 8.4, true),
  pair(water, liquid('C6H14', 68.7), 61.6, 5.6, true),
  pair(water, liquid('C7H16', 98.4), 79.2, 12.9, true),
  pair(water, liquid('C6H6', 80.1), 69.3, 8.9, true),
  pair(water, liquid('C7H8', 110.6), 85, 20.2, true),
  pair(water, liquid('C8H10', 139.1), 94.5, 40, true),
  pair(water, liquid('C8H10', 138.4), 94.5, 40, true),
  pair(water, liquid('C4H10O', 34.6), 34.2, 1.3, true),
  pair(water, liquid('C5H12O', 55.2), 52.6, 4, true),
  pair(water, liquid('C4H8O', 66), 64, 5.3),
  pair(water, liquid('C4H8O', 79.6), 73.4, 11.3),
  pair(water, liquid('C4H8O2', 101.1), 87.8, 18.4),
  pair(water, liquid('C4H8O2', 77.1), 70.4, 8.5, true),
  pair(water, liquid('C6H12O2', 126.1), 90.2, 28.7, true),
  pair(water, liquid('C7H14O2', 142), 93.8, 36.2, true),
  pair(water, liquid('CH2Cl2', 39.8), 38.1, 1.5, true),
  pair(water, liquid('CHCl3', 61.2), 56.1, 2.8, true),
  pair(water, liquid('C2H3N', 81.6), 76.5, 16.3),
  pair(water, liquid('C5H5N', 115.2), 92.6, 43),
  pair(water, liquid('C6H7N', 184.1), 98.6, 80.8, true),
  pair(water, liquid('CH2O2', 100.8), 107.2, 22.6),
  pair(water, liquid('HCl', -85), 108.6, 79.8),
  pair(water, liquid('HBr', -67), 126, 52.5),
  pair(water, liquid('HNO3', 83), 120.5, 32),
  pair(methanol, acetone, 55.5, 12),
  pair(methanol, liquid('CHCl3', 61.2), 53.4, 12.6),
  pair(methanol, liquid('C6H14', 68.7), 50, 26.9),
  pair(methanol, liquid('C6H12', 80.7), 54.2, 37),
  pair(methanol, liquid('C7H8', 110.6), 63.7, 72.4),
  pair(methanol, liquid('C4H8O2', 77.1), 62.1, 44),
  pair(ethanol, liquid('C6H14', 68.7), 58.7, 21),
  pair(ethanol, liquid('C6H12', 80.7), 64.9, 30.5),
  pair(ethanol, liquid('C7H8', 110.6), 76.7, 68),
  pair(ethanol, liquid('C4H8O2', 77.1), 71.8, 30.6),
  pair(ethanol, liquid('CHCl3', 61.2), 59.4, 7),
  pair(ethanol, liquid('C6H6', 80.1), 68.2, 32.4),
  pair(propan2ol, liquid('C6H12', 80.7), 68.6, 33),
  pair(propan2ol, liquid('C7H8', 110.6), 80.6, 69),
  pair(propan2ol, liquid('C4H8O2', 77.1), 74.8, 23),
  pair(acetone, liquid('CHCl3', 61.2), 64.7, 20),
  pair(acetone, liquid('C6H14', 68.7), 49.8, 59),
  pair(acetic, liquid('C7H8', 110.6), 105.4, 28),
  pair(acetic, liquid('C5H5N', 115.2), 139.7, 53),
];

const near_K = 2.5;

function isPartner(one: AzeotropePartner, { atoms, boiling_C }: AzeotropePartner): boolean {
  const keys = Object.keys(one.atoms);
  return (
    keys.length === Object.keys(atoms).length &&
    keys.every((key) => atoms[key] === one.atoms[key]) &&
    Math.abs(boiling_C - one.boiling_C) <= near_K
  );
}

/**
 * The azeotrope of two liquids, where it is listed.
 *
 * @returns it with `a` and `b` in the order asked; nothing for a pair that is not listed, which is no promise that there is none
 * @example azeotropeOf({ atoms: { H: 2, O: 1 }, boiling_C: 100 }, { atoms: { C: 2, H: 6, O: 1 }, boiling_C: 78.3 })?.boiling_C // → 78.2
 */
export function azeotropeOf(a: AzeotropePartner, b: AzeotropePartner): Azeotrope | undefined {
  for (const one of azeotropes) {
    if (isPartner(one.a, a) && isPartner(one.b, b)) return one;
    if (isPartner(one.b, a) && isPartner(one.a, b)) return { ...one, a: one.b, b: one.a, share_a: 1 - one.share_a };
  }
  return undefined;
}
