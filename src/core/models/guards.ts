/**
 * Refuses what is not a number above zero. NaN is refused too: models compute with numbers that were judged before.
 *
 * @throws RangeError that quotes the name and the value
 * @example assertPositive({ mass_g: 2 }) // → undefined
 */
export function assertPositive(values: Readonly<Record<string, number>>): void {
  for (const [name, value] of Object.entries(values))
    if (!(value > 0) || !Number.isFinite(value)) throw new RangeError(`${name} must be more than zero, not ${value}`);
}

/**
 * Refuses NaN and infinities.
 *
 * @throws RangeError that quotes the name and the value
 * @example assertFinite({ T: -20 }) // → undefined
 */
export function assertFinite(values: Readonly<Record<string, number>>): void {
  for (const [name, value] of Object.entries(values))
    if (!Number.isFinite(value)) throw new RangeError(`${name} must be a number, not ${value}`);
}

/**
 * Refuses what is not a whole number from a least one on: portions, stages and points are counted.
 *
 * @throws RangeError that quotes the name and the value
 * @example assertWhole(1, { stages: 6 }) // → undefined
 */
export function assertWhole(least: number, values: Readonly<Record<string, number>>): void {
  for (const [name, value] of Object.entries(values))
    if (!Number.isInteger(value) || value < least)
      throw new RangeError(`${name} must be a whole number from ${least} on, not ${value}`);
}

/**
 * Refuses numbers that do not rise one after the other.
 *
 * @throws RangeError that quotes the name and the values
 * @example assertRising('limits', [80, 107]) // → undefined
 */
export function assertRising(name: string, values: readonly number[]): void {
  for (const [i, value] of values.entries())
    if (!Number.isFinite(value) || (i > 0 && !(value > (values[i - 1] ?? NaN))))
      throw new RangeError(`${name} must rise, not ${values.join(', ')}`);
}

/**
 * Refuses what lies outside a closed interval.
 *
 * @throws RangeError that quotes the name, the bounds and the value
 * @example assertWithin(0, 1, { x: 0.5 }) // → undefined
 */
export function assertWithin(low: number, high: number, values: Readonly<Record<string, number>>): void {
  for (const [name, value] of Object.entries(values))
    if (!(value >= low && value <= high)) throw new RangeError(`${name} must lie in ${low} to ${high}, not ${value}`);
}
