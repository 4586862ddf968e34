import { ConicalFlask, Frame } from './parts';
import type { PictureProps, Spot, Spots } from './parts';

const spots: Spots<'dryingAgent'> = { begun: [100, 130], dry: [100, 168], filtered: [100, 84] };
const grains: readonly Spot[] = [
  [72, 168],
  [86, 164],
  [100, 169],
  [114, 163],
  [128, 168],
  [94, 156],
  [110, 152],
];

/** Solution over loose grains: some still fall after swirling. */
export function DryingLiquidPicture({ spot }: PictureProps<'dryingAgent'>) {
  return (
    <Frame label="Solution over loose grains of drying agent" spots={spots} spot={spot}>
      <ConicalFlask x={100} y={176} fill={0.6} />
      {grains.map(([x, y]) => (
        <rect key={`${x}/${y}`} x={x} y={y} width="5" height="5" className="solid" />
      ))}
      <path d="M148 70q22 16 8 44" className="flow" />
      <text x="164" y="66" className="picture-note">
        swirl
      </text>
    </Frame>
  );
}
