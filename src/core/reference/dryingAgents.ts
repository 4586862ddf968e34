import { hasGroup } from './groups';
import type { GroupCounts, GroupId } from './groups';

/** A drying agent for liquids and what it must not meet. */
export interface DryingAgent {
  readonly name: string;
  readonly formula: string;
  readonly unfit: readonly GroupId[];
  readonly why: string;
}

const acids = ['carboxylicAcid', 'sulfonicAcid', 'mineralAcid', 'acidHalide', 'anhydride'] as const;

/**
 * Usual drying agents and the groups they bind, neutralize or attack (the table that practical-course books print in one
 * form or another).
 */
export const dryingAgents = {
  MgSO4: { name: 'magnesium sulfate', formula: 'MgSO4', unfit: [], why: 'slightly acidic' },
  Na2SO4: { name: 'sodium sulfate', formula: 'Na2SO4', unfit: [], why: 'neutral' },
  CaCl2: {
    name: 'calcium chloride',
    formula: 'CaCl2',
    unfit: ['alcohol', 'phenol', 'amine', 'amide', 'carboxylicAcid', 'ketone', 'aldehyde', 'ester', 'ammonia'],
    why: 'binds it as an adduct',
  },
  K2CO3: { name: 'potassium carbonate', formula: 'K2CO3', unfit: ['phenol', ...acids], why: 'takes up acids' },
  KOH: {
    name: 'potassium hydroxide pellets',
    formula: 'KOH',
    unfit: ['alcohol', 'phenol', 'ketone', 'aldehyde', 'ester', 'amide', 'nitrile', 'organohalide', ...acids],
    why: 'strong base: for amines, ethers and hydrocarbons only',
  },
  CaSO4: { name: 'calcium sulfate', formula: 'CaSO4', unfit: [], why: 'small capacity: pre-dry first' },
  sieves: { name: 'molecular sieves', formula: '', unfit: [...acids], why: 'acids attack them' },
} as const satisfies Record<string, DryingAgent>;

export type DryingAgentId = keyof typeof dryingAgents;
export const dryingAgentIds = Object.keys(dryingAgents) as readonly DryingAgentId[];

/**
 * Drying agents that do not go with what stands in a structure.
 *
 * @example unfitAgents({ ketone: 1 }) // → ['CaCl2', 'KOH']
 */
export function unfitAgents(counts: GroupCounts): readonly DryingAgentId[] {
  return dryingAgentIds.filter((id) => hasGroup(counts, ...dryingAgents[id].unfit));
}
