import type { GroupId } from '../../reference/groups';

/** A wash: what it takes, what it would spoil, and what it must not follow. */
interface Treatment {
  readonly name: string;
  /** mol/L of the usual solution; absent when capacity is no matter. */
  readonly molarity?: number;
  readonly takes: readonly GroupId[];
  /** Groups of a product that it takes or attacks. */
  readonly attacks: readonly GroupId[];
  /** Washes after which a solid or a gas would come: water between them. */
  readonly notAfter: readonly TreatmentId[];
  readonly why: string;
  readonly cautions: readonly string[];
  readonly gas?: boolean;
}

export type TreatmentId =
  'thiosulfate' | 'bisulfite' | 'acid' | 'bicarbonate' | 'hydroxide' | 'calcium' | 'water' | 'brine';

/** Usual washes, in the order in which they are used (practical-course teaching). */
export const treatments: Readonly<Record<TreatmentId, Treatment>> = {
  thiosulfate: {
    name: '10 % sodium thiosulfate',
    molarity: 0.42,
    takes: ['halogen'],
    attacks: [],
    notAfter: [],
    why: 'reduces iodine and bromine to ions that water keeps',
    cautions: ['Never with acid: sulfur and sulfur dioxide.'],
  },
  bisulfite: {
    name: '40 % sodium bisulfite',
    molarity: 5.2,
    takes: ['hypochlorite', 'aldehyde'],
    attacks: ['aldehyde', 'ketone'],
    notAfter: [],
    why: 'reduces hypochlorite; binds aldehydes as salts',
    cautions: ['Acid sets sulfur dioxide free: hood.', 'It binds methyl and small cyclic ketones too.'],
  },
  acid: {
    name: '1 M hydrochloric acid',
    molarity: 1,
    takes: ['amine', 'ammonia', 'hydroxide', 'carbonate', 'bicarbonate'],
    attacks: ['amine'],
    notAfter: ['thiosulfate', 'bisulfite'],
    why: 'turns amines and bases into salts that water keeps',
    cautions: ['Vent at once where carbonate is left.'],
  },
  bicarbonate: {
    name: 'saturated sodium bicarbonate',
    molarity: 1.1,
    takes: ['carboxylicAcid', 'mineralAcid', 'nitricAcid', 'sulfonicAcid', 'anhydride', 'acidHalide'],
    attacks: ['carboxylicAcid', 'sulfonicAcid'],
    notAfter: [],
    why: 'turns carboxylic and mineral acids into salts; phenols stay',
    cautions: ['Gas: in portions into the open funnel, swirl, only then stopper and vent at once.'],
    gas: true,
  },
  hydroxide: {
    name: '1 M sodium hydroxide',
    molarity: 1,
    takes: ['phenol'],
    attacks: ['phenol', 'carboxylicAcid', 'sulfonicAcid', 'ester', 'anhydride', 'acidHalide'],
    notAfter: [],
    why: 'turns phenols into salts that water keeps',
    cautions: ['Attacks esters, and halogenated solvents on standing: be quick, keep it cold.'],
  },
  calcium: {
    name: '30 % calcium chloride solution',
    molarity: 3.5,
    takes: ['alcohol'],
    attacks: ['alcohol', 'amine', 'phenol', 'carboxylicAcid'],
    notAfter: ['bicarbonate', 'hydroxide', 'bisulfite', 'thiosulfate'],
    why: 'binds small alcohols that water alone leaves',
    cautions: ['After carbonate a solid falls out: water between them.'],
  },
  water: {
    name: 'water',
    takes: [],
    attacks: [],
    notAfter: [],
    why: 'takes salts, mineral acid and what mixes with water',
    cautions: [],
  },
  brine: {
    name: 'saturated brine',
    takes: [],
    attacks: [],
    notAfter: [],
    why: 'last: takes most of the dissolved water and breaks emulsions',
    cautions: [],
  },
};
