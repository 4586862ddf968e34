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
};
