import acidsAndBases from './substances/acids-and-bases.json';
import alcoholsPhenolsEthers from './substances/alcohols-phenols-ethers.json';
import carbonylCompounds from './substances/carbonyl-compounds.json';
import halidesEstersSalts from './substances/halides-esters-salts.json';
import hydrocarbonsAndHalides from './substances/hydrocarbons-and-halides.json';
import inorganics from './substances/inorganics.json';
import others from './substances/others.json';
import preparations from './substances/preparations.json';
import solvents from './substances/solvents.json';
import infrared from './infrared.json';
import solutions from './solutions.json';
import standards from './standards.json';
import visualizers from './visualizers.json';
import type { InfraredBand, MeltingStandard, Visualizer } from '@/core/reference/spectra';
import type { ReferenceSolution } from '@/core/reference/solution';
import type { ReferenceSubstance } from '@/core/reference/substance';

// The compiler widens literals of a JSON file; a test judges every entry by the schema that users' own entries must meet.

/** Substances that the product ships. */
export const shippedSubstances = [
  ...solvents,
  ...preparations,
  ...acidsAndBases,
  ...inorganics,
  ...alcoholsPhenolsEthers,
  ...carbonylCompounds,
  ...hydrocarbonsAndHalides,
  ...halidesEstersSalts,
  ...others,
] as unknown as readonly ReferenceSubstance[];

/** Bench solutions that the product ships. */
export const shippedSolutions = solutions as unknown as readonly ReferenceSolution[];
export const meltingStandards = standards as readonly MeltingStandard[];
export const infraredBands = infrared as unknown as readonly InfraredBand[];
export const shippedVisualizers = visualizers as unknown as readonly Visualizer[];
