import { useId } from 'react';
import { format } from '@/core/quantity/format';
import { outlines } from '@/components/VesselDrawing';
import type { ShownPlace } from './shownPlace';

// A cake on its paper or a dish: flat, with what lies on it.
const dish = { path: 'M4 30c0 12 6 18 16 18s16-6 16-18', bottom: 46, full: 22 };

/** A vessel with its layers to scale: the level by volume against capacity, crystals as grains at the bottom. */
export function ProcessVessel({ place, small = false }: { readonly place: ShownPlace; readonly small?: boolean }) {
  const clip = useId();
  const { vessel, layers, label } = place;
  const total = layers.reduce((sum, layer) => sum + layer.mL, 0);
  const onlySolid = layers.length > 0 && layers.every(({ kind }) => kind === 'solid');
  const solidWet = !vessel && layers.some(({ kind, mL }) => kind === 'solid' && mL > total / 3);
  const shape = vessel ? outlines[vessel.kind] : onlySolid || solidWet ? dish : outlines['conical flask'];
  // A place without a size is drawn two thirds full.
  const capacity = vessel?.capacity_mL ?? total / 0.66;
  const height = shape.bottom - shape.full;
  // A solid is drawn high enough to be seen.
  const heights = layers.map(({ mL, kind }) => Math.max(kind === 'solid' ? 5 : 2, (mL / capacity) * height));
  const bars = layers.map((layer, i) => {
    const below = heights.slice(0, i).reduce((sum, one) => sum + one, 0);
    return { layer, y: shape.bottom - below - (heights[i] ?? 0), height: heights[i] ?? 0 };
  });
  const says = layers.map(({ name, mL }) => `${name} ${format({ dim: 'volume', value: mL }, 'mL', { figures: 2 })}`);
  return (
    <svg
      viewBox="0 0 40 56"
      width={small ? 30 : 52}
      height={small ? 42 : 73}
      role="img"
      aria-label={`${label}: ${says.length > 0 ? says.join(', ') : 'empty'}`}
      className="vessel"
    >
      <clipPath id={clip}>
        <path d={`${shape.path}z`} />
      </clipPath>
      <g clipPath={`url(#${clip})`}>
        {bars.map(({ layer, y, height: tall }, i) => (
          <rect key={i} x="0" y={y} width="40" height={tall + (i === 0 ? 12 : 0.3)} className={`layer-${layer.kind}`} />
        ))}
        {bars
          .filter(({ layer }) => layer.kind === 'solid')
          .map(({ y, height: tall }, i) => (
            <Grains key={i} y={y} height={tall + 6} />
          ))}
      </g>
      <path
        d={shape.path}
        fill="none"
        stroke="currentColor"
        strokeWidth="1.6"
        strokeLinejoin="round"
        strokeLinecap="round"
      />
    </svg>
  );
}

/** Crystals, so that a solid is told by more than its colour. */
function Grains({ y, height }: { readonly y: number; readonly height: number }) {
  const rows = Math.max(1, Math.floor(height / 4));
  return (
    <g className="layer-grains">
      {Array.from({ length: rows }, (_, row) =>
        Array.from({ length: 9 }, (__, column) => (
          <path
            key={`${row}-${column}`}
            d={`M${2 + column * 4.4 + (row % 2) * 2.2} ${y + 1 + row * 4}l1.300 1.100-1.300 1.100-1.300-1.100z`}
          />
        )),
      )}
    </g>
  );
}
