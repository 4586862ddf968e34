import { foreseenShare } from './foreseen';
import { gramsOf, times } from './matter/matter';
import { heldByCake, rinsedBack } from './heldBack';
import { millilitres } from './volumes';
import { phaseKinds } from './matter/shelf';
import { productIn } from './transfer';
import { settleSolids } from './dissolving';
import type { Filter } from './filterOff';
import type { Worktop } from './worktop';

/** What keeps liquid back: fluted paper a share of it, a cake that was sucked dry so much per gram. */
export type Keeps = 'paper' | 'cake';

/**
 * What is in solution runs through and goes on; what is solid stays behind with the liquid that wets it. A rinse goes through and brings
 * most of that along.
 */
export function filterThrough(
  work: Worktop,
  { from, cake, filtrate }: Filter,
  keeps: Keeps,
  {
    rinse,
    at_C = work.content(from).temperature_C,
  }: { readonly rinse?: string | undefined; readonly at_C?: number } = {},
): void {
  settleSolids(work, from, at_C);
  const grams = productIn(work, from);
  const share = keeps === 'paper' ? ofPaper(work) : ofCake(work, from);
  work.put(cake, 'solid', work.takeAll(from, 'solid'));
  for (const kind of ['liquid', 'organic'] as const) {
    work.put(cake, kind, work.take(from, kind, times(work.phase(from, kind), share)));
    work.put(filtrate, kind, work.takeAll(from, kind));
  }
  if (rinse !== undefined) {
    work.put(filtrate, 'liquid', work.introduce(rinse));
    if (keeps === 'cake') bringBack(work, { cake, filtrate });
  }
  const lost = grams - productIn(work, filtrate);
  if (grams > 0 && lost > 0)
    work.lose(
      'paper',
      keeps === 'paper' ? 'kept by the paper' : 'kept by what was filtered off',
      foreseenShare(grams, work.stage?.substance ?? '', lost / grams),
    );
  work.follow(filtrate);
}

function ofPaper(work: Worktop): number {
  return work.assume({
    key: 'paper',
    label: 'solution kept by the paper',
    dim: 'fraction',
    unit: '%',
    low: 0.01,
    typical: 0.03,
    high: 0.06,
    why: 'fluted paper soaks it up; a rinse brings it down',
  }).q.value;
}

/** Share of the liquid that a cake holds when it is sucked dry. */
function ofCake(work: Worktop, from: string): number {
  const held = heldByCake(work, { why: 'sucked dry; a wash pushes most of it through' });
  const { kind } = work.world;
  const volume = (['liquid', 'organic'] as const).reduce(
    (sum, one) => sum + millilitres(kind, work.phase(from, one)),
    0,
  );
  return volume > 0 ? Math.min(0.9, (held * gramsOf(work.phase(from, 'solid'))) / volume) : 0;
}

function bringBack(work: Worktop, { cake, filtrate }: Pick<Filter, 'cake' | 'filtrate'>): void {
  const back = rinsedBack(work, {
    label: 'share of it that the wash brings along',
    typical: 0.85,
    why: 'pushed through the cake in small portions',
  });
  for (const kind of phaseKinds)
    if (kind !== 'solid') work.put(filtrate, kind, work.take(cake, kind, times(work.phase(cake, kind), back)));
}
