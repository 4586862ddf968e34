import { format } from '@/core/quantity/format';
import { Frame } from './parts';
import type { PictureProps, Spots } from './parts';

const spots: Spots<'weighings'> = { begun: [84, 150] };
const words: Readonly<Record<PictureProps<'weighings'>['drawing']['verdict'], string>> = {
  none: 'not weighed yet',
  first: 'weighed once: dry on',
  falling: 'still falling',
  rising: 'went up: look again',
  soon: 'too soon after the last',
  constant: 'constant',
};

/** The dish and the series of weighings, the last five as bars from the smallest on. */
export function DryingPicture({ drawing: { series, verdict }, spot }: PictureProps<'weighings'>) {
  const last = series.slice(-5);
  const values = last.map(({ mass }) => mass.q.value);
  const [low, high] = [Math.min(...values), Math.max(...values)];
  const bar = (value: number) => (high === low ? 30 : 14 + ((value - low) / (high - low)) * 60);
  return (
    <Frame label={`Series of weighings: ${words[verdict]}`} spots={series.length === 0 ? spots : {}} spot={spot}>
      {series.length === 0 ? (
        <>
          <path d="M40 150q44 34 88 0" className="glass" />
          <path d="M52 152q32-20 64 0q-32 20-64 0z" className="solid" />
          <path d="M60 118q6-10 0-20M84 112q6-10 0-20M108 118q6-10 0-20" className="vapour" />
        </>
      ) : (
        last.map(({ mass, round }, i) => (
          <g key={round}>
            <path d={`M${14 + i * 44} 160v${-bar(mass.q.value)}h30v${bar(mass.q.value)}z`} className="liquid" />
            <text x={29 + i * 44} y={152 - bar(mass.q.value)} textAnchor="middle" className="picture-note">
              {format(mass.q, mass.unit, { figures: mass.figures })}
            </text>
          </g>
        ))
      )}
      <path d="M8 160h224" className="stem" />
      <text x="120" y="188" textAnchor="middle" className="picture-text">
        {words[verdict]}
      </text>
    </Frame>
  );
}
