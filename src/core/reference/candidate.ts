import type { GroupCounts } from './groups';

/** A structure of an imported file: offered as a new substance, or refused with the reason. */
export type StructureCandidate =
  | {
      readonly line: number;
      readonly ok: true;
      readonly name: string;
      readonly smiles: string;
      readonly formula: string;
      readonly groups: GroupCounts;
      /** The library has this structure already. */
      readonly same?: { readonly id: string; readonly name: string };
    }
  | { readonly line: number; readonly ok: false; readonly reason: string; readonly text: string };
