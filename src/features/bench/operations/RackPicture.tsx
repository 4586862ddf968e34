import { itemOf } from '@/core/operations/items';
import { Frame } from './parts';
import type { PictureProps, Spot, Spots } from './parts';

/** A rack: the samples, a known positive, a known negative and a blank. */
export function RackPicture({ drawing: { tubes }, spot }: PictureProps<'rack'>) {
  const marks = [...tubes.map((_, i) => String(i + 1)), '+', '−', '0'];
  const gap = 200 / marks.length;
  const at = (i: number) => 20 + gap * (i + 0.5);
  const tube = (i: number) => [`yes-${itemOf(i)}`, [at(i), 120] as Spot] as const;
  const spots: Spots<'rack'> = { labelled: [at(0), 58], ...Object.fromEntries(marks.map((_, i) => tube(i))) };
  return (
    <Frame label="Test tubes in a rack: samples, a positive and a negative control, a blank" spots={spots} spot={spot}>
      {marks.map((mark, i) => (
        <g key={mark}>
          <path d={`M${at(i) - 8} 110v34a8 8 0 0 0 16 0v-34z`} className="liquid" />
          <path d={`M${at(i) - 9} 70v74a9 9 0 0 0 18 0V70`} className="glass" />
          <text x={at(i)} y="62" textAnchor="middle" className="picture-text">
            {mark}
          </text>
        </g>
      ))}
      <path d="M14 96h212M14 162h212M20 96v80M220 96v80" className="stem" />
    </Frame>
  );
}
