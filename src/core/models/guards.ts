/**
 * Refuses what is not a number above zero. NaN is refused too: models compute with numbers that were judged before.
 *
 * @throws RangeError that quotes the name and the value
 */
export function assertPositive(values: Readonly<Record<string, number>>): void {
  for (const [name, value] of Object.entries(values))
    if (!(value > 0) || !Number.isFinite(value)) throw new RangeError(`${name} must be more than zero, not ${value}`);
}

/**
 * Refuses what lies outside a closed interval.
 *
 * @throws RangeError that quotes the name, the bounds and the value
 */
export function assertWithin(low: number, high: number, values: Readonly<Record<string, number>>): void {
  for (const [name, value] of Object.entries(values))
    if (!(value >= low && value <= high)) throw new RangeError(`${name} must lie in ${low} to ${high}, not ${value}`);
}
