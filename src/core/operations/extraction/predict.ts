import { foreseenMass } from '../../worktop/foreseen';
import { gramsOf } from '../../worktop/matter/matter';
import { funnelFor, loseLeft, remarkOn, round } from '../../worktop/funnel';
import { partSettled } from '../../worktop/settled';
import { productIn, worksIn } from '../../worktop/transfer';
import type { UnderWay } from '../../worktop/moments';
import type { Layers } from '../../worktop/layers';
import type { Round } from '../../worktop/funnel';
import type { Matter } from '../../worktop/matter/matter';
import type { Worktop } from '../../worktop/worktop';

/**
 * Rounds of an extraction. The extract is the layer of what is added: an organic solvent out of water, or water out of an organic
 * layer. What is left behind goes on as the raffinate.
 */
export function* shakeOut(
  work: Worktop,
  { line, first = [] }: { readonly line: string; readonly first?: readonly string[] },
): UnderWay {
  const watery = isWatery(work, line);
  const funnel = watery ? funnelFor(work, 'aside') : worksIn(work);
  const portions = work.portions(line);
  for (const id of first) work.put(funnel, 'liquid', work.introduce(id));
  const extract = work.receiver('to');
  const before = productIn(work, funnel);
  const done: Round[] = [];
  let kind: 'organic' | 'liquid' = 'organic';
  let kept = extract;
  for (let n = 1, enough = false; n <= portions.count && !enough; n++) {
    const portion = portions.next();
    const layers = round(work, funnel, portion);
    kind = isOrganic(portion, layers) ? 'organic' : 'liquid';
    done.push(layers);
    ({ to: kept, enough } = yield* partSettled(work, {
      in: funnel,
      round: n,
      off: (layer) => work.phase(funnel, layer),
      usual: { layer: kind, to: extract },
    }));
  }
  remarkOn(work, funnel, done);
  const other = kind === 'organic' ? 'liquid' : 'organic';
  loseLeft(work, {
    key: 'raffinate',
    label: kind === 'organic' ? 'left in the water' : 'left in the organic layer',
    before,
    left: work.phase(funnel, other),
  });
  takeAlong(work, kept);
  // What is done with is drained; without a vessel named for it the next step goes on with it in the funnel.
  const aside = work.named('aside');
  if (aside !== undefined) work.pour(funnel, aside);
  else if (!watery) work.leftBehind(funnel);
  work.follow(kept);
}

/** Whether the line brings water, with or without something in it, and no layer of its own. */
function isWatery(work: Worktop, line: string): boolean {
  const facts = work.world.facts.lines.get(line);
  if (!facts) return false;
  const { strength, solvent } = facts.line;
  const kind = work.world.kind(facts.substance.substance.id);
  // A solution of which nobody says in what is one in water.
  if (strength !== undefined) return solvent === undefined || work.world.kind(solvent).water;
  return kind.water || kind.inorganic || (kind.groups['water'] ?? 0) > 0;
}

/** What an extract takes along of a stage whose turn comes later is lost to that. */
function takeAlong(work: Worktop, extract: string): void {
  const { doc } = work.world.plan;
  const now = doc.steps.indexOf(work.step);
  const there = work.whole(extract);
  for (const { id, substance } of doc.stages) {
    const later = doc.steps.findIndex((step) => work.world.means(step).goal === id) > now;
    const grams = there[substance] ?? 0;
    if (!later || substance === work.stage?.substance || !(grams > 0)) continue;
    work.lose(`along/${id}`, 'taken along by an earlier extract', foreseenMass(grams, substance), { stage: id });
  }
}

/** The layer in which most of the portion went. */
function isOrganic(portion: Matter, { organic, aqueous }: Layers): boolean {
  const shared = (layer: Matter) =>
    Object.keys(portion).reduce((sum, id) => sum + Math.min(portion[id] ?? 0, layer[id] ?? 0), 0);
  return gramsOf(organic) > 0 && shared(organic) > shared(aqueous);
}
