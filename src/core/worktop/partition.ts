import { acidBaseOf } from './acidBase';
import { anhydrousAtoms } from '../compound/atomsOf';
import { guessedLogP, solventPartition } from '../models/partition/solventPartition';
import { hasGroup } from '../reference/groups';
import { nitrogenHydrogens } from '../compound/nitrogenHydrogens';
import type { Kind } from './kinds';
import type { SoluteClass, SolventClass } from '../models/partition/solventPartition';
import type { Worktop } from './worktop';

/** The class of a solvent by the groups that stand in it. */
export function solventClassOf({ groups, substance }: Kind): SolventClass {
  if (hasGroup(groups, 'organohalide')) return 'halogenated';
  if (hasGroup(groups, 'ester')) return 'ester';
  if (hasGroup(groups, 'ether')) return 'ether';
  if (hasGroup(groups, 'ketone')) return 'ketone';
  const atoms = anhydrousAtoms(substance?.formula);
  if (hasGroup(groups, 'alcohol')) return (atoms['C'] ?? 0) >= 4 ? 'alcohol' : 'other';
  const hydrocarbon = Object.keys(atoms).length > 0 && Object.keys(atoms).every((one) => one === 'C' || one === 'H');
  // Less hydrogen than a diene or a ring with one double bond has: an arene.
  if (hydrocarbon)
    return (atoms['H'] ?? 0) <= 2 * (atoms['C'] ?? 0) - 4 && (atoms['C'] ?? 0) >= 6 ? 'aromatic' : 'aliphatic';
  return 'other';
}

function soluteClassOf({ groups, substance }: Kind, solvent: SolventClass): SoluteClass {
  if (hasGroup(groups, 'carboxylicAcid', 'phenol', 'alcohol', 'sulfonicAcid')) return 'donor';
  // An amide gives a hydrogen bond where its nitrogen has hydrogen.
  const { smiles } = substance ?? {};
  if (hasGroup(groups, 'amide')) return smiles === undefined || nitrogenHydrogens(smiles) > 0 ? 'donor' : 'acceptor';
  if (!hasGroup(groups, 'amine')) return 'acceptor';
  // An arylamine gives its hydrogens to an ether; other amines only take.
  return solvent === 'ether' ? (/c/.test(substance?.smiles ?? '') ? 'donor' : 'amine') : 'acceptor';
}

/** Partition coefficient of the neutral form between the solvent at hand and water. */
export function partitionOf(work: Worktop, kind: Kind, solvent: SolventClass): number {
  const { id, name, substance } = kind;
  const listed = substance?.logP;
  const aside = id !== work.stage?.substance;
  const base = listed ? Number(listed.digits) : guessOf(work, kind, aside);
  const { logP, u } = solventPartition(base, solvent, soluteClassOf(kind, solvent));
  const shift = work.assume(
    {
      key: `logP/${id}/${solvent}`,
      label: `log P of ${name} in this solvent`,
      dim: 'number',
      unit: '',
      low: logP - u,
      typical: logP,
      high: logP + u,
      aside,
      why:
        solvent === 'other'
          ? 'octanol’s coefficient stands for a solvent of another kind'
          : `from octanol’s by the linear relation for ${solvent === 'aliphatic' || solvent === 'aromatic' ? `${solvent} hydrocarbons` : words[solvent]}`,
    },
    true,
  );
  return 10 ** shift.q.value;
}

const words: Readonly<Record<string, string>> = {
  halogenated: 'halogenated solvents',
  ether: 'ethers',
  ester: 'esters',
  ketone: 'ketones',
  alcohol: 'alcohols',
};

/** Atoms of what is neither metal nor counter-ion. */
function neutralAtoms({ salt, substance }: Kind): Readonly<Record<string, number>> {
  const atoms = anhydrousAtoms(substance?.formula);
  if (!salt) return atoms;
  return Object.fromEntries(Object.entries(atoms).filter(([one]) => ['C', 'H', 'N', 'O', 'S', 'P'].includes(one)));
}

function guessOf(work: Worktop, kind: Kind, aside: boolean): number {
  const { id, name, substance } = kind;
  const guess = guessedLogP(neutralAtoms(kind), kind.groups);
  const mixes = substance?.waterSolubility?.digits === 'miscible';
  const typical = mixes ? Math.min(guess, 0) : guess;
  return work.assume(
    {
      key: `logP/${id}`,
      label: `log P of ${name}, octanol and water`,
      dim: 'number',
      unit: '',
      low: typical - 1.5,
      typical,
      high: typical + (mixes ? 0.7 : 1.5),
      aside,
      why: 'no value is given; guessed from its atoms',
    },
    true,
  ).q.value;
}

/** Octanol's log P, listed or guessed. */
function logPOf({ substance, groups }: Kind): number {
  const listed = substance?.logP;
  return listed ? Number(listed.digits) : guessedLogP(anhydrousAtoms(substance?.formula), groups);
}

/** Whether something mixes with water rather than making a layer of its own, by what is listed or by its atoms and groups. */
export function likesWater(kind: Kind): boolean {
  const { substance, groups } = kind;
  const carbons = anhydrousAtoms(substance?.formula)['C'] ?? 0;
  if (hasGroup(groups, 'carboxylicAcid', 'alcohol') && carbons <= 3) return true;
  // A small ring with an oxygen stands it out into the water.
  if (hasGroup(groups, 'ether') && carbons <= 4 && /\d/.test(substance?.smiles ?? '')) return true;
  return logPOf(kind) <= 0.5;
}

/**
 * What a liquid without a listed value dissolves to in water, g/100 mL: `log S = 0.5 − log P`, the general solubility equation for a
 * liquid (Yalkowsky and Valvani 1980).
 */
export function liquidInWater(work: Worktop, kind: Kind): number {
  const { id, name, M } = kind;
  if (M === undefined) return 0;
  const typical = Math.min(15, (10 ** (0.5 - logPOf(kind)) * M) / 10);
  return (
    work.assume(
      {
        key: `inWater/${id}`,
        label: `of ${name} in water`,
        dim: 'density',
        unit: 'g/100 mL',
        low: typical / 300,
        typical: typical / 100,
        high: Math.min(0.3, (typical * 3) / 100),
        aside: true,
        why: 'no value is given; by the general solubility equation from log P',
      },
      true,
    ).q.value * 100
  );
}

/** How strongly two molecules of a carboxylic acid hold together in a hydrocarbon, L/mol. */
export function dimerConstant(work: Worktop, kind: Kind, solvent: SolventClass): number {
  const acid = hasGroup(kind.groups, 'carboxylicAcid') && acidBaseOf(kind) !== undefined;
  if (!acid || !(solvent === 'aliphatic' || solvent === 'aromatic')) return 0;
  const typical = solvent === 'aliphatic' ? 3.7 : 2.5;
  const constant = work.assume(
    {
      key: `dimer/${solvent}`,
      label: 'log of the constant by which carboxylic acids pair in this solvent, L/mol',
      dim: 'number',
      unit: '',
      low: typical - 0.7,
      typical,
      high: typical + 0.7,
      why: 'carboxylic acids pair by hydrogen bonds in hydrocarbons, and extract the better the more there is',
    },
    true,
  );
  return 10 ** constant.q.value;
}
