/** Largest file of a preparation, characters. */
export const largestFile = 1_000_000;

/** Longest SMILES of a structure, characters. */
export const longestSmiles = 400;
/** Structures of one file. */
export const mostStructures = 1000;
/** Faults of one file that are named; reading stops there. */
export const mostFaults = 20;

/** One reason why a file is refused, with the line it stands in. */
export interface FileFault {
  readonly line: number;
  readonly path: string;
  readonly reason: string;
}

/** Largest file of a handout, bytes. */
export const largestHandoutFile = 5_000_000;
