import type { ReactNode } from 'react';
import type { Drawing, SpotOf } from '@/core/operations/drawing';
import type { StepState } from '@/core/bench/benchState';

/** What a step's picture gets: what it draws, the step, what is asked now, and what is being typed. */
export interface PictureProps<K extends Drawing['kind'] = Drawing['kind']> {
  readonly drawing: Extract<Drawing, { readonly kind: K }>;
  readonly step: StepState;
  /** Id of what is asked. */
  readonly focus: string;
  /** The place that it names. */
  readonly spot: string | undefined;
  readonly text: string;
}

/** A point of a picture, in its own units. */
export type Spot = readonly [x: number, y: number];

/** Where each place of a drawing is in its picture. */
export type Spots<K extends Drawing['kind']> = Readonly<Record<SpotOf<K>, Spot>>;

/**
 * Frame of a picture, 240 × 200, with a ring at the place that matters now.
 *
 * @param spots where each place is that can be asked about
 */
export function Frame({
  label,
  spots,
  spot,
  children,
}: {
  readonly label: string;
  readonly spots: Readonly<Record<string, Spot>>;
  readonly spot: string | undefined;
  readonly children: ReactNode;
}) {
  const at = spot === undefined ? undefined : spots[spot];
  return (
    <svg viewBox="0 0 240 200" className="measure-picture" role="img" aria-label={label}>
      {children}
      {at && <circle cx={at[0]} cy={at[1]} r="13" className="spot" />}
    </svg>
  );
}

/** A round-bottomed flask with its neck upwards; `x`, `y` is the centre of the bulb. */
export function RoundFlask({
  x,
  y,
  fill = 0.55,
  side = false,
}: {
  x: number;
  y: number;
  fill?: number;
  side?: boolean;
}) {
  const r = 34;
  const level = y + r - 2 * r * fill;
  const half = Math.sqrt(Math.max(0, (r - 1) ** 2 - (level - y) ** 2));
  return (
    <>
      <path
        d={`M${x - half} ${level}A${r - 1} ${r - 1} 0 ${fill > 0.5 ? 1 : 0} 0 ${x + half} ${level}z`}
        className="liquid"
      />
      <path d={`M${x - 9} ${y - 58}v25a${r} ${r} 0 1 0 18 0v-25`} className="glass" />
      {side && <path d={`M${x + 19} ${y - 28}l12-15l10 8l-12 15`} className="glass" />}
    </>
  );
}

/** A conical flask standing on `y`, `x` its middle. */
export function ConicalFlask({ x, y, fill = 0.45 }: { x: number; y: number; fill?: number }) {
  const height = 78;
  const top = y - height * Math.min(fill, 0.95);
  const half = (at: number) => 9 + Math.max(0, at - (y - height)) * 0.42;
  return (
    <>
      <path
        d={`M${x - half(top)} ${top}L${x - half(y)} ${y}H${x + half(y)}L${x + half(top)} ${top}z`}
        className="liquid"
      />
      <path d={`M${x - 9} ${y - 96}v18L${x - half(y)} ${y}H${x + half(y)}L${x + 9} ${y - 78}v-18`} className="glass" />
    </>
  );
}

/** A beaker standing on `y`. */
export function Beaker({ x, y, fill = 0.5, width = 84 }: { x: number; y: number; fill?: number; width?: number }) {
  const height = 74;
  const half = width / 2;
  return (
    <>
      <path d={`M${x - half + 1} ${y - height * fill}h${width - 2}V${y - 1}h${-(width - 2)}z`} className="liquid" />
      <path d={`M${x - half - 4} ${y - height}l4 4V${y}h${width}v${-(height - 4)}l4-4`} className="glass" />
    </>
  );
}

/** A hot plate whose top is at `y`. */
export function Plate({ x, y }: { x: number; y: number }) {
  return (
    <>
      <path d={`M${x - 52} ${y}h104v6H${x - 52}z`} className="heat" />
      <path d={`M${x - 46} ${y + 6}h92v14H${x - 46}z`} className="glass" />
    </>
  );
}

/** A thermometer with its bulb at one end, and the eye at the height of its reading. */
export function Thermometer({ bulb, top, text }: { bulb: Spot; top: Spot; text: string }) {
  const [bx, by] = bulb;
  const [tx, ty] = top;
  // The reading place lies two thirds up the stem.
  const [rx, ry] = [bx + (tx - bx) * 0.72, by + (ty - by) * 0.72];
  return (
    <>
      <path d={`M${bx} ${by}L${tx} ${ty}`} className="stem" />
      <circle cx={bx} cy={by} r="4.500" className="pupil" />
      <path d={`M${rx + 4} ${ry}h26`} className="sight" />
      <text x={rx + 34} y={ry + 5} className="picture-text">
        {text}
      </text>
    </>
  );
}

/** Pieces of ice. */
export function Ice({ at }: { readonly at: readonly Spot[] }) {
  return at.map(([x, y]) => <path key={`${x}/${y}`} d={`M${x} ${y}l7-4l6 5l-4 7l-8-1z`} className="ice" />);
}

/** An arrow along a path, for what flows or is moved. */
export function Flow({ d }: { readonly d: string }) {
  return (
    <>
      <marker id="flow-head" viewBox="0 0 8 8" refX="6" refY="4" markerWidth="6" markerHeight="6" orient="auto">
        <path d="M0 0l8 4l-8 4z" className="pupil" />
      </marker>
      <path d={d} className="flow" markerEnd="url(#flow-head)" />
    </>
  );
}
