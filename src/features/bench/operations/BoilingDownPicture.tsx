import { Beaker, Flow, Frame, Plate } from './parts';
import type { PictureProps, Spots } from './parts';

const spots: Spots<'boilingDown'> = {
  aids: [100, 160],
  mark: [150, 142],
  heatOn: [100, 182],
  heatOff: [150, 142],
};

/** An open vessel boils on a plate; a mark on the glass says how far. */
export function BoilingDownPicture({ spot }: PictureProps<'boilingDown'>) {
  return (
    <Frame label="The solution boils on a plate; a mark on the glass says how far" spots={spots} spot={spot}>
      <Beaker x={100} y={172} fill={0.62} width={88} />
      <path d="M140 142h18" className="stem" />
      <Flow d="M158 126v12" />
      {[84, 104, 120].map((x) => (
        <circle key={x} cx={x} cy={162 - (x % 7)} r="3" className="glass" />
      ))}
      {[80, 100, 120].map((x) => (
        <path key={x} d={`M${x} 90q-6-12 0-22t0-22`} className="vapour" />
      ))}
      <Plate x={100} y={174} />
    </Frame>
  );
}
