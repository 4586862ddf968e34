import { useId } from 'react';
import type { PlannedVessel } from '@/core/document/document';

// Outlines in a box of 40 × 56; the liquid is the outline cut at the level.
export const outlines: Readonly<
  Record<PlannedVessel['kind'], { readonly path: string; readonly bottom: number; readonly full: number }>
> = {
  'reaction flask': { path: 'M16 3v15a16.500 16.500 0 1 0 8 0V3', bottom: 51, full: 18 },
  'distillation flask': { path: 'M16 3v15a16.500 16.500 0 1 0 8 0v-6l9 5', bottom: 51, full: 18 },
  'separatory funnel': { path: 'M17 3v4c-9 3-13 12-9 21l10 17v8h4v-8l10-17c4-9 0-18-9-21V3', bottom: 46, full: 8 },
  'conical flask': { path: 'M15 3v14L4 47c-1 3 0 5 3 5h26c3 0 4-2 3-5L25 17V3', bottom: 52, full: 17 },
  beaker: { path: 'M5 6v43c0 2 1 3 3 3h24c2 0 3-1 3-3V6', bottom: 52, full: 8 },
};

/** A vessel with the level of what it holds; level by height, a picture beside the number. */
export function VesselDrawing({
  kind,
  fill,
  label,
}: {
  readonly kind: PlannedVessel['kind'];
  readonly fill: number;
  readonly label: string;
}) {
  const clip = useId();
  const { path, bottom, full } = outlines[kind];
  const level = bottom - Math.min(1.1, Math.max(0, fill)) * (bottom - full);
  return (
    <svg viewBox="0 0 40 56" width="40" height="56" role="img" aria-label={label} className="vessel">
      <clipPath id={clip}>
        <path d={`${path}z`} />
      </clipPath>
      <rect x="0" y={level} width="40" height="56" clipPath={`url(#${clip})`} fill="var(--liquid)" />
      <path d={path} fill="none" stroke="currentColor" strokeWidth="1.6" strokeLinejoin="round" strokeLinecap="round" />
    </svg>
  );
}
