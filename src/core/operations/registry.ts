import { addition } from './addition';
import { anyOperation } from './operation';
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
import type { Operation } from './operation';

/** Every operation, once. Adding one is adding a folder and a row here, and a card at the bench. */
export const operations: readonly Operation[] = [
  anyOperation(charge),
  anyOperation(addition),
  anyOperation(reflux),
  anyOperation(hold),
  anyOperation(cooling),
  anyOperation(quench),
  anyOperation(vacuumFiltration),
  anyOperation(recrystallization),
  anyOperation(drying),
  anyOperation(weighing),
  anyOperation(meltingRange),
  anyOperation(secondCrop),
  anyOperation(calculation),
];

const byName = new Map(operations.map((operation) => [operation.name, operation]));

/** The operation of that name, or nothing. */
export function findOperation(name: string): Operation | undefined {
  return byName.get(name);
}
