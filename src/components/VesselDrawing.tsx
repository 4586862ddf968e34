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
  'pear flask': { path: 'M16 3v15c0 5-8 10-8 20 0 9 6 13 12 13s12-4 12-13c0-10-8-15-8-20V3', bottom: 51, full: 18 },
  'dropping funnel': { path: 'M16 3v4h-4v22l6 6v7h-2v4h2v7h4v-7h2v-4h-2v-7l6-6V7h-4V3', bottom: 35, full: 8 },
  'test tube': { path: 'M14 3v43a6 6 0 0 0 12 0V3', bottom: 52, full: 8 },
  vial: { path: 'M12 4v7c-3 1-4 3-4 6v32c0 2 1 3 3 3h18c2 0 3-1 3-3V17c0-3-1-5-4-6V4', bottom: 52, full: 15 },
  dish: { path: 'M2 34v6c0 8 8 12 18 12s18-4 18-12v-6', bottom: 52, full: 36 },
  'watch glass': { path: 'M2 44c8 10 28 10 36 0', bottom: 51, full: 45 },
  'filter flask': { path: 'M15 3v14L4 47c-1 3 0 5 3 5h26c3 0 4-2 3-5L27 22l8-3M25 19v-2V3', bottom: 52, full: 17 },
  receiver: { path: 'M15 3v14a15 17.500 0 1 0 10 0V3', bottom: 51, full: 18 },
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
