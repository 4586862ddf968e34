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
import { shaped } from '../shaped';
import type { InfraredBand, MeltingStandard, Visualizer } from '@/core/reference/spectra';
import type { ReferenceSolution } from '@/core/reference/solution';
import type { ReferenceSubstance } from '@/core/reference/substance';

/** Substances that the product ships. */
export const shippedSubstances = shaped<ReferenceSubstance>([
  ...solvents,
  ...preparations,
  ...acidsAndBases,
  ...inorganics,
  ...alcoholsPhenolsEthers,
  ...carbonylCompounds,
  ...hydrocarbonsAndHalides,
  ...halidesEstersSalts,
  ...others,
]);

/** Bench solutions that the product ships. */
export const shippedSolutions = shaped<ReferenceSolution>(solutions);
export const meltingStandards = shaped<MeltingStandard>(standards);
export const infraredBands = shaped<InfraredBand>(infrared);
export const shippedVisualizers = shaped<Visualizer>(visualizers);
