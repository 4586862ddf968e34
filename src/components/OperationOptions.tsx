import { operations } from '@/core/operations/registry';
import { phases } from '@/core/operations/operation';
import type { Phase } from '@/core/operations/operation';

/** All operations as options of a select, by the part of a procedure in which they stand. */
export const OperationOptions = () =>
  (Object.keys(phases) as Phase[]).map((phase) => (
    <optgroup key={phase} label={phases[phase]}>
      {operations
        .filter((one) => one.phase === phase)
        .map(({ name, title }) => (
          <option key={name} value={name}>
            {title}
          </option>
        ))}
    </optgroup>
  ));
