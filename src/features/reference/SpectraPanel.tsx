import { groups } from '@/core/reference/groups';
import type { InfraredBand, Visualizer } from '@/core/reference/spectra';

const left = 4000;
const right = 600;
const width = 640;
const x = (wavenumber: number) => ((left - wavenumber) / (left - right)) * width;
const ticks = [4000, 3500, 3000, 2500, 2000, 1500, 1000];

/** Infrared bands to expect of the groups, on the axis that spectra use, and stains that show them on a plate. */
export function SpectraPanel({
  bands,
  visualizers,
}: {
  readonly bands: readonly InfraredBand[];
  readonly visualizers: readonly Visualizer[];
}) {
  if (bands.length === 0 && visualizers.length === 0) return null;
  return (
    <section className="card-plain entry-card" aria-label="Spectra and stains">
      {bands.length > 0 && (
        <>
          <h2>Infrared: where to look</h2>
          <svg
            className="infrared"
            viewBox={`0 0 ${width} ${bands.length * 22 + 26}`}
            role="img"
            aria-label="Expected infrared bands"
          >
            {ticks.map((tick) => (
              <g key={tick}>
                <line x1={x(tick)} x2={x(tick)} y1="0" y2={bands.length * 22 + 4} className="infrared-grid" />
                <text x={x(tick)} y={bands.length * 22 + 20} textAnchor={tick === left ? 'start' : 'middle'}>
                  {tick}
                </text>
              </g>
            ))}
            <text x={width} y={bands.length * 22 + 20} textAnchor="end">
              cm⁻¹
            </text>
            {bands.map(({ low, high, bond }, i) => {
              const end = x(low) + 6;
              const inside = end > width * 0.62;
              return (
                <g key={i} transform={`translate(0 ${i * 22 + 3})`}>
                  <rect x={x(high)} width={Math.max(4, x(low) - x(high))} y="2" height="14" rx="3" />
                  <text x={inside ? x(high) - 6 : end} y="14" textAnchor={inside ? 'end' : 'start'}>
                    {bond}
                  </text>
                </g>
              );
            })}
          </svg>
          <ul className="band-list">
            {bands.map(({ group, bond, low, high, look }, i) => (
              <li key={i}>
                <span className="num">
                  {high}–{low} cm⁻¹
                </span>{' '}
                {bond} ({groups[group].name}; {look})
              </li>
            ))}
          </ul>
        </>
      )}
      {visualizers.length > 0 && (
        <>
          <h2>On a thin-layer plate</h2>
          <ul className="band-list">
            {visualizers.map(({ id, name, shows, caution }) => (
              <li key={id}>
                <strong>{name}</strong>: {shows}. <span className="muted">{caution}</span>
              </li>
            ))}
          </ul>
        </>
      )}
      <p className="muted">
        Usual ranges of the groups found in the structure. Substituents and hydrogen bonds shift them; a band shows a
        group, not a compound.
      </p>
    </section>
  );
}
