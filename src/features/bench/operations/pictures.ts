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
import { StandPicture } from './StandPicture';
import { StartPicture } from './StartPicture';
import { StillPicture } from './StillPicture';
import { StrippingPicture } from './StrippingPicture';
import { TracePicture } from './TracePicture';
import { VialPicture } from './VialPicture';
import { PlatePicture } from './PlatePicture';
import { PouringPicture } from './PouringPicture';
import { ResuspendingPicture } from './ResuspendingPicture';
import { BoilingDownPicture } from './BoilingDownPicture';
import { AntisolventPicture } from './AntisolventPicture';
import { SublimationPicture } from './SublimationPicture';
import type { ComponentType } from 'react';
import type { Drawing } from '@/core/operations/drawing';
import type { PictureProps } from './parts';

/** The card of each kind of drawing. */
export const pictures: { readonly [K in Drawing['kind']]: ComponentType<PictureProps<K>> } = {
  charge: ChargePicture,
  addition: AdditionPicture,
  reflux: RefluxPicture,
  hold: HoldPicture,
  cooling: CoolingPicture,
  quench: QuenchPicture,
  suction: VacuumFiltrationPicture,
  dissolving: RecrystallizationPicture,
  weighings: DryingPicture,
  melting: MeltingRangePicture,
  secondCrop: SecondCropPicture,
  sum: CalculationPicture,
  funnel: FunnelPicture,
  still: StillPicture,
  stripping: StrippingPicture,
  dryingAgent: DryingLiquidPicture,
  paper: PaperTestPicture,
  pH: NeutralizationPicture,
  rack: RackPicture,
  trace: TracePicture,
  vial: VialPicture,
  gravity: GravityFiltrationPicture,
  mixedSolvents: MixedSolventsPicture,
  dish: DishPicture,
  mortar: MortarPicture,
  standing: StandPicture,
  start: StartPicture,
  plate: PlatePicture,
  pouring: PouringPicture,
  resuspending: ResuspendingPicture,
  boilingDown: BoilingDownPicture,
  antisolvent: AntisolventPicture,
  sublimation: SublimationPicture,
};
