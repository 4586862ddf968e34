import { finding } from '../finding/finding';
import { readAs } from './onRecord';
import { celsiusFact, worked } from './numbers';
import type { Reading } from '../record/entry';
import type { Live } from '../record/foldRecord';
import type { Finding } from '../finding/finding';
import type { StepContext } from './operation';

/** A temperature outside its window, at the reading that shows it. Limits in °C. */
export function outsideWindow(
  one: Live<Reading>,
  context: StepContext,
  title: string,
  limits: { readonly low?: number; readonly high?: number },
): readonly Finding[] {
  const temperature = readAs(context, one);
  const { slot, round } = one.body.place;
  const about = { step: context.step.id, slot, ...(round === undefined ? {} : { round }) };
  const args = { step: title, temperature: worked(temperature) };
  if (limits.high !== undefined && temperature.q.value > limits.high)
    return [finding('temperature.high', 'caution', about, { ...args, high: celsiusFact(limits.high) })];
  if (limits.low !== undefined && temperature.q.value < limits.low)
    return [finding('temperature.low', 'caution', about, { ...args, low: celsiusFact(limits.low) })];
  return [];
}
