import { acidFor, bicarbonateFor } from './neutralizing';
import { derive } from '../stoichiometry/derive';
import { bare, endsOf } from './pours';
import { even_mol, freedBy, hydrolysed, met } from './acidIn';
import { fact, finding } from '../finding/finding';
import { kinds } from '../hazard/materials';
import { densityIn } from '../worktop/volumes';
import { implied } from '../worktop/kinds';
import { molarVolume_L } from '../models/molarVolume';
import { isWatery } from './bottleOf';
import { wasteStreamIds, wasteStreams } from '../reference/wasteStreams';
import type { Finding } from '../finding/finding';
import type { Foreseen } from '../process/predictProcess';
import type { World } from '../worktop/worktop';
import type { Pour } from './pours';
import type { Residue } from './residues';
import type { Substance } from '../document/document';
import type { WasteStream } from '../reference/wasteStreams';

interface StreamExcess {
  readonly stream: WasteStream;
  /** Base in excess, mol; negative of acid. */
  readonly excess_mol: number;
  readonly gas_g: number;
}

/** What is poured away at the end of a procedure, as residues of the streams and by vessel. */
export function ofProcess({ steps, world }: Foreseen): {
  readonly residues: readonly Residue[];
  readonly pours: readonly Pour[];
  readonly excess: readonly StreamExcess[];
  readonly findings: readonly Finding[];
} {
  const { pours } = endsOf(world, steps);
  const excess = excessOf(world, pours);
  return {
    residues: pours.flatMap((pour) => residuesOf(world, pour)),
    pours,
    excess,
    findings: [...neutralized(world, pours, excess), ...amines(world, pours)],
  };
}

function residuesOf(world: World, pour: Pour): readonly Residue[] {
  return Object.entries(pour.matter).flatMap(([id, grams]): readonly Residue[] => {
    if (!(grams > 0)) return [];
    const kind = world.kind(id);
    const substance: Substance = kind.substance ?? { id, name: kind.name };
    const source = { at: 'prediction', id } as const;
    const mass = derive({
      formula: 'taken',
      dim: 'mass',
      unit: 'g',
      value: grams,
      inputs: { x: { q: { dim: 'mass', value: grams }, unit: 'g', figures: 3, source } },
      figures: 2,
      certain: 'modelled',
    });
    const mL = grams / densityIn(kind);
    const volume = derive({
      formula: 'taken',
      dim: 'volume',
      unit: 'mL',
      value: mL,
      inputs: { x: { q: { dim: 'volume', value: mL }, unit: 'mL', figures: 3, source } },
      figures: 2,
      certain: 'modelled',
    });
    const residue = {
      substance,
      origin: 'poured' as const,
      ...(pour.stream ? { stream: pour.stream } : {}),
      pour: `${pour.place}/${pour.layer}`,
      mass,
      ...(world.kind(substance.id).invented ? { invented: true as const } : {}),
    };
    return [
      {
        ...residue,
        ...(pour.volume_mL === undefined ? {} : { volume }),
        ...(isSpent(world, pour, substance) ? { spent: true as const } : {}),
      },
    ];
  });
}

/** What was acid, base or acylating and is none any more in this layer. */
function isSpent(world: World, { excess_mol, matter }: Pour, substance: Substance): boolean {
  if (hydrolysed({ world }, matter, substance.id)) return true;
  if (excess_mol === undefined) return false;
  if (kinds.acid(substance)) return excess_mol > -even_mol;
  const base = kinds.hydroxide(substance) || kinds.carbonate(substance);
  return base && excess_mol < even_mol;
}

/** Acid or base of each stream once all of it has met, what neutralizes it, and the gas that comes of it. */
function neutralized(world: World, pours: readonly Pour[], excess: readonly StreamExcess[]): readonly Finding[] {
  return excess.flatMap(({ stream, excess_mol, gas_g }) => {
    const about = { field: `waste/${stream}` };
    const { name } = wasteStreams[stream];
    const here = pours.filter((pour) => pour.stream === stream);
    // Of a stream that is apart at any amount, every amount.
    const toxic = toxicIn(world, here, alkaline.includes(stream) ? 0 : worthAWord_g);
    if (alkaline.includes(stream) || (excess_mol > even_mol && toxic.length > 0))
      return [
        finding('waste.keepAlkaline', alkaline.includes(stream) ? 'caution' : 'note', about, {
          stream: name,
          names: toxic.join('; '),
        }),
      ];
    if (!neutralizedIn.includes(stream) || here.some(({ matter }) => freedBy({ world }, matter).length > 0)) return [];
    if (Math.abs(excess_mol) < (stream.endsWith('halogenated') ? solvents_mol : even_mol)) return [];
    const amount = (value: number) => fact({ dim: 'amount', value }, value >= 1 ? 'mol' : 'mmol', 2);
    if (excess_mol < 0) {
      const acid = -excess_mol;
      const itself_mL = (gas_g / implied.carbonDioxide.M) * molarVolume_L * 1000;
      const gas = { dim: 'volume' as const, value: acid * molarVolume_L * 1000 + itself_mL };
      const args = {
        stream: name,
        acid: amount(acid),
        gas: fact(gas, 'L', 2),
        with: fact(bicarbonateFor(acid), 'g', 2),
      };
      return [finding('waste.acidToNeutralize', 'note', about, args)];
    }
    const args = { stream: name, base: amount(excess_mol), with: fact(acidFor(excess_mol), 'mL', 2) };
    return [finding('waste.baseToNeutralize', 'note', about, args)];
  });
}

// A bottle of solvents takes a little acid or base, mol.
const solvents_mol = 1e-3;

/** Streams that are kept alkaline whatever else is in them. */
const alkaline: readonly WasteStream[] = ['cyanide', 'sulfide', 'azide'];
/** Streams that are neutralized before they go into their bottle; metals and oxidizers go as they are. */
const neutralizedIn: readonly WasteStream[] = ['aqueous', 'aqueous-organic', 'halogenated', 'non-halogenated'];

/** Acid or base of each stream when what is poured into it has met: one number wherever it is told. */
function excessOf(world: World, pours: readonly Pour[]): readonly StreamExcess[] {
  const work = bare(world);
  return wasteStreamIds.flatMap((stream) => {
    const here = pours.filter(
      (pour) => pour.stream === stream && (pour.excess_mol !== undefined || alkaline.includes(stream)),
    );
    if (here.length === 0) return [];
    const matters = here.map(({ matter }) => matter);
    return [
      {
        stream,
        ...met(
          work,
          matters,
          here.some(({ matter }) => isWatery(world, matter)),
        ),
      },
    ];
  });
}

// What clings to glass is no reason for a word, g.
const worthAWord_g = 0.02;

/** What acid would set a toxic gas free from. */
function toxicIn(world: World, pours: readonly Pour[], least_g: number): readonly string[] {
  const ids = pours.flatMap(({ matter }) => Object.keys(matter).filter((id) => (matter[id] ?? 0) > least_g));
  return [
    ...new Set(
      ids.flatMap((id) => {
        const { substance } = world.kind(id);
        return substance && kinds.toxicWithAcid(substance) ? [substance.name] : [];
      }),
    ),
  ];
}

/** Amines that stand in acid: a base frees them. */
function amines(world: World, pours: readonly Pour[]): readonly Finding[] {
  const held = pours.filter(({ excess_mol = 0, stream }) => excess_mol < -even_mol && stream === 'aqueous-organic');
  const names = [...new Set(held.flatMap(({ matter }) => freedBy({ world }, matter).map((id) => world.kind(id).name)))];
  if (names.length === 0) return [];
  return [finding('waste.amineHeld', 'caution', { field: 'waste/aqueous-organic' }, { names: names.join('; ') })];
}
