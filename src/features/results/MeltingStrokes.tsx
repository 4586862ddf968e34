import { formatDigits } from '@/core/quantity/format';
import { formatRange } from '@/core/quantity/formatRange';
import { meltingScale } from './meltingScale';
import type { StageResult } from '@/core/results/stageResults';

const width = 640;
const left = 190;
const rowHeight = 30;

/** Melting ranges of every capillary on one axis, the literature range as a band: crude, pure, and what is known. */
export function MeltingStrokes({ stages }: { readonly stages: readonly StageResult[] }) {
  const rows = stages.flatMap(({ stage, runs }) => runs.map((run) => ({ stage, run })));
  const literature = stages.find((one) => one.runs.length > 0 && one.literature)?.literature;
  if (rows.length === 0) return null;
  const { from, to, ticks } = meltingScale(
    rows.flatMap(({ run }) => [run.onset.q.value, run.clear.q.value]),
    literature,
  );
  const x = (value: number) => left + ((value - from) / (to - from)) * (width - left - 20);
  const height = rows.length * rowHeight + 54;
  return (
    <section aria-label="Melting ranges">
      <h3>Melting ranges</h3>
      <svg
        viewBox={`0 0 ${width} ${height}`}
        className="melting-strokes"
        role="img"
        aria-label="Melting ranges drawn on one axis"
      >
        {literature && (
          <>
            <path
              d={`M${x(Number(literature.low))} 20h${x(Number(literature.high)) - x(Number(literature.low))}V${height - 30}H${x(Number(literature.low))}z`}
              className="literature-band"
            />
            <text x={x((Number(literature.low) + Number(literature.high)) / 2)} y="14" textAnchor="middle">
              literature {literature.low}–{literature.high} °C
            </text>
          </>
        )}
        {rows.map(({ stage, run }, i) => {
          const y = 38 + i * rowHeight;
          const [a, b] = [x(run.onset.q.value), x(run.clear.q.value)];
          return (
            <g key={`${stage.id}/${run.item}`}>
              <text x={left - 12} y={y + 5} textAnchor="end">
                {stage.name}, {run.item}
              </text>
              <path d={`M${a} ${y}H${Math.max(b, a + 2)}`} className={run.sound ? 'stroke' : 'stroke stroke-fast'} />
              <text x={b + 9} y={y + 5} className="num">
                {formatRange(run.onset, run.clear)}
                {run.sound ? '' : ', too fast'}
              </text>
            </g>
          );
        })}
        <path d={`M${left} ${height - 28}H${width - 20}`} className="axis" />
        {ticks.map((tick) => (
          <g key={tick}>
            <path d={`M${x(tick)} ${height - 28}v5`} className="axis" />
            <text x={x(tick)} y={height - 8} textAnchor="middle" className="num">
              {formatDigits({ dim: 'temperature', value: tick }, '°C', { decimals: 0 })}
            </text>
          </g>
        ))}
      </svg>
    </section>
  );
}
