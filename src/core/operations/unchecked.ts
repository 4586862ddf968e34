import { finding } from '../finding/finding';
import { tickedAt } from './onRecord';
import type { Finding } from '../finding/finding';
import type { Live } from '../record/foldRecord';
import type { StepContext } from './operation';

/** Set-up checks that were not made when the step began: shown from the entry of the beginning on. */
export function uncheckedAt(
  context: StepContext,
  title: string,
  setUp: Readonly<Record<string, string>>,
  begun: Live | undefined,
): readonly Finding[] {
  if (!begun) return [];
  const ticked = tickedAt(context);
  const missing = Object.keys(setUp).filter((check) => !ticked.has(check)).length;
  if (missing === 0) return [];
  return [
    finding(
      'step.unchecked',
      'caution',
      { step: context.step.id, field: 'checks' },
      {
        step: title,
        missing: String(missing),
      },
    ),
  ];
}
