import { addition } from './addition';
import { calculation } from './calculation';
import { charge } from './charge';
import { cooling } from './cooling';
import { drying } from './drying';
import { hold } from './hold';
import { meltingRange } from './meltingRange';
import { quench } from './quench';
import { recrystallization } from './recrystallization';
import { reflux } from './reflux';
import { secondCrop } from './secondCrop';
import { vacuumFiltration } from './vacuumFiltration';
import { weighing } from './weighing';
import { anhydrousSetUp } from './anhydrousSetUp';
import { cakeWash } from './cakeWash';
import { chromatogram } from './chromatogram';
import { closedVial } from './closedVial';
import { distillation } from './distillation';
import { dryingLiquid } from './dryingLiquid';
import { evaporation } from './evaporation';
import { extraction } from './extraction';
import { fractionation } from './fractionation';
import { gravityFiltration } from './gravityFiltration';
import { grinding } from './grinding';
import { inProcessTest } from './inProcessTest';
import { induction } from './induction';
import { mixedSolvents } from './mixedSolvents';
import { neutralization } from './neutralization';
import { reactiveDistillation } from './reactiveDistillation';
import { spectrum } from './spectrum';
import { steamDistillation } from './steamDistillation';
import { stand } from './stand';
import { storing } from './storing';
import { stripping } from './stripping';
import { tubeTests } from './tubeTests';
import { wash } from './wash';
import { pouring } from './pouring';
import { parting } from './parting';
import { resuspending } from './resuspending';
import { boilingDown } from './boilingDown';
import { antisolvent } from './antisolvent';
import { thinLayer } from './thinLayer';
import { sublimation } from './sublimation';
import type { Operation } from './operation';

/** Every operation, once. Adding one is adding a folder and a row here, and a card at the bench. */
export const operations: readonly Operation[] = [
  charge,
  addition,
  reflux,
  hold,
  cooling,
  quench,
  vacuumFiltration,
  recrystallization,
  drying,
  weighing,
  meltingRange,
  secondCrop,
  calculation,
  anhydrousSetUp,
  induction,
  grinding,
  closedVial,
  inProcessTest,
  neutralization,
  extraction,
  wash,
  dryingLiquid,
  stripping,
  gravityFiltration,
  cakeWash,
  mixedSolvents,
  evaporation,
  distillation,
  fractionation,
  steamDistillation,
  reactiveDistillation,
  tubeTests,
  chromatogram,
  spectrum,
  storing,
  stand,
  pouring,
  parting,
  resuspending,
  boilingDown,
  antisolvent,
  thinLayer,
  sublimation,
];

const byName = new Map(operations.map((operation) => [operation.name, operation]));

/** The operation of that name, or nothing. */
export function findOperation(name: string): Operation | undefined {
  return byName.get(name);
}
