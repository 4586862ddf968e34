/** Largest file of a preparation, characters. */
export const largestFile = 1_000_000;

/** One reason why a file is refused, with the line it stands in. */
export interface FileFault {
  readonly line: number;
  readonly path: string;
  readonly reason: string;
}
