'use client';
import {
  CartesianGrid,
  Label,
  Line,
  LineChart,
  ReferenceLine,
  ResponsiveContainer,
  Tooltip,
  XAxis,
  YAxis,
} from 'recharts';
import { formatDigits } from '@/core/quantity/format';

/** One line of a plot, its points by their place on the horizontal axis. */
export interface Series {
  readonly name: string;
  readonly points: readonly { readonly x: number; readonly y: number }[];
  readonly dashed?: boolean;
  /** Only whole steps mean something: each point is marked. */
  readonly dotted?: boolean;
}

export interface LinePlotProps {
  /** The plot in words. */
  readonly label: string;
  readonly x: string;
  readonly y: string;
  readonly series: readonly Series[];
  /** Upright marks with their words. */
  readonly marks?: readonly { readonly x: number; readonly says: string }[];
  /** Level marks. */
  readonly levels?: readonly { readonly y: number; readonly says: string }[];
  readonly yFrom?: number | 'auto';
  /** Where the horizontal axis begins; with its first point otherwise. */
  readonly xFrom?: number;
}

const colours = ['var(--bar)', 'var(--caution)', 'var(--note)'];
/** Three figures, without the zeros that only precision would need. */
const short = (value: number) => {
  const text = formatDigits({ dim: 'number', value }, '', { figures: 3 });
  return text.includes('.') ? text.replace(/\.?0+$/, '') : text;
};

/** Lines over a number. The legend stands in words above it. */
export function LinePlot({ label, x, y, series, marks = [], levels = [], yFrom = 0, xFrom }: LinePlotProps) {
  const data = merged(series);
  return (
    <figure className="line-plot">
      <figcaption>
        {series.map(({ name, dashed }, i) => (
          <span key={name}>
            <i style={{ borderColor: colours[i % colours.length], borderStyle: dashed ? 'dashed' : 'solid' }} /> {name}
          </span>
        ))}
      </figcaption>
      <div role="img" aria-label={label}>
        <ResponsiveContainer width="100%" height={280}>
          <LineChart data={data} margin={{ top: 16, right: 20, bottom: 26, left: 16 }} accessibilityLayer={false}>
            <CartesianGrid stroke="var(--line)" />
            <XAxis
              type="number"
              dataKey="x"
              domain={xFrom === undefined ? ['dataMin', 'dataMax'] : [xFrom, 'auto']}
              stroke="var(--muted)"
              tickFormatter={short}
            >
              <Label value={x} position="bottom" fill="var(--muted)" />
            </XAxis>
            <YAxis domain={[yFrom, 'auto']} stroke="var(--muted)" tickFormatter={short} width={64}>
              <Label value={y} angle={-90} position="insideLeft" fill="var(--muted)" style={{ textAnchor: 'middle' }} />
            </YAxis>
            <Tooltip
              isAnimationActive={false}
              formatter={(value) => short(Number(value))}
              labelFormatter={(value) => `${x} ${short(Number(value))}`}
              contentStyle={{ background: 'var(--surface)', border: '1px solid var(--line)' }}
            />
            {levels.map(({ y: at, says }) => (
              <ReferenceLine
                key={says}
                y={at}
                stroke="var(--muted)"
                strokeDasharray="3 4"
                label={{ value: says, position: 'insideBottomRight', fill: 'var(--muted)', fontSize: 12 }}
              />
            ))}
            {marks.map(({ x: at, says }) => (
              <ReferenceLine
                key={says}
                x={at}
                stroke="var(--plumb)"
                label={{ value: says, position: 'top', fill: 'currentColor', fontSize: 12 }}
              />
            ))}
            {series.map(({ name, dashed, dotted }, i) => (
              <Line
                key={name}
                dataKey={name}
                stroke={colours[i % colours.length] ?? 'currentColor'}
                strokeWidth={2.5}
                {...(dashed ? { strokeDasharray: '6 4' } : {})}
                dot={dotted === true}
                connectNulls
                isAnimationActive={false}
              />
            ))}
          </LineChart>
        </ResponsiveContainer>
      </div>
    </figure>
  );
}

/** All series over one axis. */
function merged(series: readonly Series[]): Record<string, number>[] {
  const rows = new Map<number, Record<string, number>>();
  for (const { name, points } of series)
    for (const { x, y } of points) rows.set(x, { ...(rows.get(x) ?? { x }), [name]: y });
  return [...rows.values()].sort((a, b) => (a['x'] ?? 0) - (b['x'] ?? 0));
}
