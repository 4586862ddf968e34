/** Waste bottles of the usual sizes, mL. */
const sizes_mL = [250, 500, 1000, 2500] as const;

// A waste bottle is closed with room above it.
const fullest = 0.8;

/**
 * Waste bottles that a volume takes, each at most four fifths full: the smallest one that holds it, or so many of the largest.
 *
 * @param volume_mL 0 or more
 * @example [bottlesFor(420), bottlesFor(5000)] // → [{ count: 1, size_mL: 1000 }, { count: 3, size_mL: 2500 }]
 */
export function bottlesFor(volume_mL: number): { readonly count: number; readonly size_mL: number } {
  const size_mL = sizes_mL.find((one) => one * fullest >= volume_mL) ?? 2500;
  return { count: Math.max(1, Math.ceil(volume_mL / (size_mL * fullest))), size_mL };
}
