import { hasGroup } from './groups';
import type { GroupCounts, GroupId } from './groups';

/** A drying agent for liquids and what it must not meet. */
export interface DryingAgent {
  readonly name: string;
  readonly formula: string;
  readonly unfit: readonly GroupId[];
  /** Why the unfit ones are. */
  readonly why: string;
  readonly action: string;
}

const acids = ['carboxylicAcid', 'sulfonicAcid', 'mineralAcid', 'acidHalide', 'anhydride'] as const;

/**
 * Usual drying agents and the groups they bind, neutralize or attack (the table that practical-course books print in one
 * form or another).
 */
export const dryingAgents = {
  MgSO4: { name: 'magnesium sulfate', formula: 'MgSO4', unfit: [], why: '', action: 'fast, slightly acidic' },
  Na2SO4: { name: 'sodium sulfate', formula: 'Na2SO4', unfit: [], why: '', action: 'slow, neutral, high capacity' },
  CaCl2: {
    name: 'calcium chloride',
    formula: 'CaCl2',
    unfit: ['alcohol', 'phenol', 'amine', 'amide', 'carboxylicAcid', 'ketone', 'aldehyde', 'ester', 'ammonia'],
    why: 'binds it as an adduct',
    action: 'medium; also takes out alcohols',
  },
  K2CO3: {
    name: 'potassium carbonate',
    formula: 'K2CO3',
    unfit: ['phenol', ...acids],
    why: 'takes up acids',
    action: 'medium, basic',
  },
  KOH: {
    name: 'potassium hydroxide pellets',
    formula: 'KOH',
    unfit: ['alcohol', 'phenol', 'ketone', 'aldehyde', 'ester', 'amide', 'nitrile', 'organohalide', ...acids],
    why: 'strong base',
    action: 'strong; for amines, ethers and hydrocarbons only',
  },
  CaSO4: {
    name: 'calcium sulfate',
    formula: 'CaSO4',
    unfit: [],
    why: '',
    action: 'fast, small capacity: pre-dry first',
  },
  sieves: {
    name: 'molecular sieves',
    formula: '',
    unfit: [...acids],
    why: 'acids attack them',
    action: 'slow, very dry',
  },
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
