import { Flow, Frame } from './parts';
import type { PictureProps, Spots } from './parts';

const spots: Spots<'secondCrop'> = { apart: [178, 130] };

/** Two vials: the second crop has its own. */
export function SecondCropPicture({ spot }: PictureProps<'secondCrop'>) {
  return (
    <Frame label="The second crop goes into a vial of its own" spots={spots} spot={spot}>
      {[
        { x: 60, note: '1st' },
        { x: 178, note: '2nd' },
      ].map(({ x, note }) => (
        <g key={note}>
          <path d={`M${x - 20} 96h40v66q0 6-6 6h-28q-6 0-6-6z`} className="glass" />
          <path d={`M${x - 14} 84h28v12h-28z`} className="glass" />
          <path d={`M${x - 18} 144q18-10 36 0v18q0 4-4 4h-28q-4 0-4-4z`} className="solid" />
          <text x={x} y="188" textAnchor="middle" className="picture-text">
            {note}
          </text>
        </g>
      ))}
      <Flow d="M178 22v52" />
    </Frame>
  );
}
