import { film_g } from './funnel';
import { gramsOf } from './matter/matter';
import { layerDensities } from './layers';
import type { UnderWay, LayersMoment, SettledLayer } from './moments';
import type { Matter } from './matter/matter';
import type { PhaseKind } from './matter/shelf';
import type { Worktop } from './worktop';

/** How a step parts what has settled. */
export interface Settled {
  readonly in: string;
  readonly round: number;
  /** What runs off of a layer; the rest of it stays. */
  readonly off: (layer: PhaseKind) => Matter;
  /** The layer that leaves when nobody decides, and where it goes. */
  readonly usual: { readonly layer: PhaseKind; readonly to: string };
}

/** What came of it: where the first layer went, and which others left, and whether it is enough. */
export interface PartedLayers {
  readonly to: string;
  readonly went: Readonly<Partial<Record<PhaseKind, string>>>;
  readonly enough: boolean;
}

/**
 * Layers stand in a vessel and one of them leaves: the usual one, or the one that somebody keeps elsewhere; then what is left may leave too.
 */
export function* partSettled(work: Worktop, { in: place, round, off, usual }: Settled): UnderWay<PartedLayers> {
  const went: Partial<Record<PhaseKind, string>> = {};
  const leave = (layer: PhaseKind, to: string): string => {
    work.put(to, layer, work.take(place, layer, off(layer)));
    return (went[layer] = to);
  };
  const first = layersAt(work, place, { round, n: 1 });
  const decided = yield first;
  const kept = decided?.kind === 'keep' ? first[decided.layer] : undefined;
  const to = decided?.kind === 'keep' && kept ? leave(kept.is, decided.to) : leave(usual.layer, usual.to);
  const second = layersAt(work, place, { round, n: 2 });
  const then = yield second;
  const rest = then?.kind === 'keep' ? second[then.layer] : undefined;
  if (then?.kind === 'keep' && rest && went[rest.is] === undefined) leave(rest.is, then.to);
  return { to, went, enough: decided?.kind === 'stop' || then?.kind === 'stop' };
}

/** The layers of a vessel as they stand, by their densities. */
function layersAt(work: Worktop, place: string, at: { readonly round: number; readonly n: number }): LayersMoment {
  const [organic, aqueous] = [work.phase(place, 'organic'), work.phase(place, 'liquid')];
  const density = layerDensities(work, { organic, aqueous });
  const layers: readonly SettledLayer[] = [
    { is: 'organic' as const, matter: organic, density: density.organic },
    { is: 'liquid' as const, matter: aqueous, density: density.aqueous },
  ].filter(({ matter }) => gramsOf(matter) >= film_g);
  if (layers.length === 2) work.sawLayers({ ...density, known: isKnown(work, organic) && isKnown(work, aqueous) });
  const [upper, lower = upper] = [...layers].sort((a, b) => a.density - b.density);
  return { kind: 'layers', in: place, ...at, ...(upper ? { upper } : {}), ...(lower ? { lower } : {}) };
}

/** What makes up a fifth of a layer weighs it down or lifts it: unknown solutes and solvents of unknown density make a guess of it. */
const telling = 0.2;

const isKnown = ({ world: { kind } }: Worktop, layer: Matter): boolean =>
  Object.entries(layer).every(([id, grams]) => {
    const { density, water, inorganic } = kind(id);
    return density !== undefined || water || inorganic || grams < telling * gramsOf(layer);
  });
