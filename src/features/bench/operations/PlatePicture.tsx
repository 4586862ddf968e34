import { Frame } from './parts';
import type { PictureProps, Spot, Spots } from './parts';

const left = 60;
const width = 100;
const top = 20;
const bottom = 176;
const front = 46;
const start = 156;

const fixed: Pick<Spots<'plate'>, 'line' | 'spots' | 'front' | 'single'> = {
  line: [left + 6, start],
  spots: [left + width / 2, start],
  front: [left + width - 8, front],
  single: [left + 24, 100],
};

/** A plate with its start, its front and a spot in each lane; the distance that is read is drawn beside it. */
export function PlatePicture({ drawing: { lanes }, focus, spot, text }: PictureProps<'plate'>) {
  const at = (i: number) => left + ((i + 1) * width) / (lanes + 1);
  const lane = (i: number) => [`spot-${String.fromCharCode(65 + i)}`, [at(i), 96] as Spot] as const;
  const spots: Spots<'plate'> = { ...fixed, ...Object.fromEntries(Array.from({ length: lanes }, (_, i) => lane(i))) };
  const read = focus === 'front' ? front : focus.startsWith('spot-') ? 96 : undefined;
  return (
    <Frame
      label={`A plate with ${lanes === 1 ? 'one lane' : `${lanes} lanes`}: start in pencil, front above, a spot in each lane`}
      spots={spots}
      spot={spot}
    >
      <path d={`M${left} ${top}h${width}v${bottom - top}h${-width}z`} className="glass" />
      <path d={`M${left + 4} ${start}h${width - 8}`} className="stem" />
      <path d={`M${left + 4} ${front}h${width - 8}`} className="flow" />
      {Array.from({ length: lanes }, (_, i) => (
        <g key={i}>
          <circle cx={at(i)} cy={start} r="2.500" className="pupil" />
          <ellipse cx={at(i)} cy={96} rx="6" ry="4.500" className="solid" />
        </g>
      ))}
      {read !== undefined && (
        <>
          <path d={`M${left - 14} ${start}V${read}`} className="sight" />
          <text x={left - 20} y={(start + read) / 2} textAnchor="end" className="picture-text">
            {text}
          </text>
        </>
      )}
    </Frame>
  );
}
