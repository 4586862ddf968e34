import { giveUpInto } from './giveUp';
import { react } from './react';
import { worksIn } from './transfer';
import type { Worktop } from './worktop';

/** What a flask that is kept between two temperatures does: a material gives up its content, and the reactions run. */
export function reactAt(
  work: Worktop<'in' | 'trap'>,
  { low_C, high_C, material }: { readonly low_C: number; readonly high_C: number; readonly material?: string },
): void {
  const place = worksIn(work);
  work.temperature(place, (low_C + high_C) / 2);
  if (material !== undefined) giveUpInto(work, place, material);
  react(work, place);
}
