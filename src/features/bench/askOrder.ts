import type { PlainAsk, CheckAsk } from '@/core/operations/ask';

/** What stands in a step's list: set-up checks that follow each other are made together. */
export type AskBlock =
  | { readonly kind: 'checks'; readonly id: string; readonly checks: readonly CheckAsk[]; readonly done: boolean }
  | { readonly kind: 'one'; readonly id: string; readonly ask: Exclude<PlainAsk, CheckAsk>; readonly done: boolean };

/** Asks in their order, checks gathered. */
export function askBlocks(asks: readonly PlainAsk[]): readonly AskBlock[] {
  const blocks: AskBlock[] = [];
  for (const ask of asks) {
    const last = blocks.at(-1);
    if (ask.kind !== 'check') blocks.push({ kind: 'one', id: ask.id, ask, done: ask.done });
    else if (last?.kind === 'checks')
      blocks[blocks.length - 1] = { ...last, checks: [...last.checks, ask], done: last.done && ask.done };
    else blocks.push({ kind: 'checks', id: ask.id, checks: [ask], done: ask.done });
  }
  return blocks;
}

/** What may be done once more, or besides: only when somebody wants to. */
export function optionalOf(block: AskBlock): string | undefined {
  return block.kind === 'one' ? block.ask.optional : undefined;
}

/**
 * The block to show open: the chosen one as long as it exists, what belongs to the chosen optional series, or else the first
 * that is not done. A complete step has none unless somebody chose one.
 *
 * @param chosen id of a block that was opened by hand, or the words of an optional series
 */
export function openBlock(blocks: readonly AskBlock[], chosen: string | undefined): AskBlock | undefined {
  const wanted = blocks.find(({ id }) => id === chosen);
  if (wanted) return wanted;
  const series = chosen === undefined ? undefined : blocks.find((block) => !block.done && optionalOf(block) === chosen);
  if (series) return series;
  const complete = blocks.every((block) => block.done || optionalOf(block) !== undefined);
  return complete ? undefined : blocks.find(({ done }) => !done);
}
