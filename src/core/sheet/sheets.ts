/** Documents that are printed, with their titles. */
export const sheets = {
  student: 'Student’s sheet',
  coordinator: 'Coordinator’s sheet',
} as const;
export type SheetId = keyof typeof sheets;
export const sheetIds = Object.keys(sheets) as readonly SheetId[];

/** What a print is of. */
export interface PrintSubject {
  readonly kind: 'preparation';
  readonly id: string;
}

/** Where a print stands. */
export interface PrintState {
  readonly id: string;
  readonly state: 'waiting' | 'working' | 'done' | 'failed' | 'cancelled';
  /** Prints that come first. */
  readonly before: number;
  readonly pages?: number;
  readonly says?: string;
}
