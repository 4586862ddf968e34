'use client';
import {
  CartesianGrid,
  Label,
  ReferenceArea,
  ReferenceLine,
  ResponsiveContainer,
  Scatter,
  ScatterChart,
  XAxis,
  YAxis,
} from 'recharts';
import { planePoints } from './planePoints';
import type { ClassResults } from '@/core/results/classResults';

/** Yield against purity: each bench a stroke from first liquid to last crystal, at the height of its yield. */
export function ClassPlane({
  results,
  onChoose,
}: {
  readonly results: ClassResults;
  readonly onChoose: (bench: string) => void;
}) {
  const { points, literature, temperatures, yields } = planePoints(results);
  if (points.length === 0) return <p className="muted">No bench has both a yield and a melting range yet.</p>;
  return (
    <div
      className="plane"
      role="img"
      aria-label={points
        .map(({ bench, onset, clear, percent }) => `${bench}: ${percent.toString()} %, ${onset}–${clear} °C`)
        .join('; ')}
    >
      <ResponsiveContainer width="100%" height={360}>
        <ScatterChart margin={{ top: 12, right: 24, bottom: 28, left: 12 }} accessibilityLayer={false}>
          <CartesianGrid stroke="var(--line)" />
          <XAxis
            type="number"
            dataKey="onset"
            domain={endsOf(temperatures)}
            ticks={[...temperatures]}
            stroke="var(--muted)"
          >
            <Label value="first liquid to last crystal, °C" position="bottom" fill="var(--muted)" />
          </XAxis>
          <YAxis type="number" dataKey="percent" domain={endsOf(yields)} ticks={[...yields]} stroke="var(--muted)">
            <Label value="yield, %" angle={-90} position="insideLeft" fill="var(--muted)" />
          </YAxis>
          {literature && (
            <ReferenceArea
              x1={literature.low}
              x2={literature.high}
              fill="var(--note-soft)"
              fillOpacity={1}
              stroke="var(--note)"
              strokeDasharray="4 3"
              label={{ value: 'literature', position: 'insideTop', fill: 'var(--note)' }}
            />
          )}
          {points.map(({ bench, onset, clear, percent, sound, far, side }) => (
            <ReferenceLine
              key={bench}
              segment={[
                { x: onset, y: percent },
                { x: Math.max(clear, onset + 0.1), y: percent },
              ]}
              stroke={far ? 'var(--caution)' : 'var(--bar)'}
              strokeWidth={6}
              {...(sound ? {} : { strokeDasharray: '5 4' })}
              label={{ value: bench, position: side, fill: 'currentColor', fontSize: 13 }}
            />
          ))}
          <Scatter
            data={[...points]}
            fill="transparent"
            isAnimationActive={false}
            onClick={(point) => onChoose(String((point as unknown as { bench?: string }).bench ?? ''))}
          />
        </ScatterChart>
      </ResponsiveContainer>
    </div>
  );
}

const endsOf = (ticks: readonly number[]): [number, number] => [ticks[0] ?? 0, ticks.at(-1) ?? 1];
