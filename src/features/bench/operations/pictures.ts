import { AdditionPicture } from './AdditionPicture';
import { CalculationPicture } from './CalculationPicture';
import { ChargePicture } from './ChargePicture';
import { CoolingPicture } from './CoolingPicture';
import { DryingPicture } from './DryingPicture';
import { HoldPicture } from './HoldPicture';
import { MeltingRangePicture } from './MeltingRangePicture';
import { QuenchPicture } from './QuenchPicture';
import { RecrystallizationPicture } from './RecrystallizationPicture';
import { RefluxPicture } from './RefluxPicture';
import { SecondCropPicture } from './SecondCropPicture';
import { VacuumFiltrationPicture } from './VacuumFiltrationPicture';
import { DishPicture } from './DishPicture';
import { DryingLiquidPicture } from './DryingLiquidPicture';
import { FunnelPicture } from './FunnelPicture';
import { GravityFiltrationPicture } from './GravityFiltrationPicture';
import { MixedSolventsPicture } from './MixedSolventsPicture';
import { MortarPicture } from './MortarPicture';
import { NeutralizationPicture } from './NeutralizationPicture';
import { PaperTestPicture } from './PaperTestPicture';
import { RackPicture } from './RackPicture';
import { StartPicture } from './StartPicture';
import { StillPicture } from './StillPicture';
import { StrippingPicture } from './StrippingPicture';
import { TracePicture } from './TracePicture';
import { VialPicture } from './VialPicture';
import type { ComponentType } from 'react';
import type { PictureProps } from './parts';

/** The card of each operation, by its name in the registry. Weighing is drawn as the balance that is read. */
export const pictures: Readonly<Record<string, ComponentType<PictureProps>>> = {
  charge: ChargePicture,
  addition: AdditionPicture,
  reflux: RefluxPicture,
  hold: HoldPicture,
  cooling: CoolingPicture,
  quench: QuenchPicture,
  vacuumFiltration: VacuumFiltrationPicture,
  recrystallization: RecrystallizationPicture,
  drying: DryingPicture,
  meltingRange: MeltingRangePicture,
  secondCrop: SecondCropPicture,
  calculation: CalculationPicture,
  extraction: FunnelPicture,
  wash: FunnelPicture,
  distillation: StillPicture,
  fractionation: StillPicture,
  steamDistillation: StillPicture,
  reactiveDistillation: StillPicture,
  stripping: StrippingPicture,
  dryingLiquid: DryingLiquidPicture,
  inProcessTest: PaperTestPicture,
  neutralization: NeutralizationPicture,
  tubeTests: RackPicture,
  chromatogram: TracePicture,
  spectrum: TracePicture,
  storing: VialPicture,
  closedVial: VialPicture,
  gravityFiltration: GravityFiltrationPicture,
  cakeWash: VacuumFiltrationPicture,
  mixedSolvents: MixedSolventsPicture,
  evaporation: DishPicture,
  grinding: MortarPicture,
  induction: StartPicture,
  anhydrousSetUp: StartPicture,
};
