import { Frame, Ice, Plate, Thermometer } from './parts';
import type { PictureProps, Spots } from './parts';

const spots: Spots<'sublimation'> = {
  dry: [100, 162],
  surface: [100, 96],
  heatOn: [100, 184],
  heatOff: [100, 184],
  scraped: [100, 108],
};

/** A solid on the bottom of a beaker, a cold round flask hanging over it with crystals on its underside. */
export function SublimationPicture({ drawing: { cold }, spot, text }: PictureProps<'sublimation'>) {
  const grown = spot === 'heatOff' || spot === 'scraped';
  return (
    <Frame
      label={`A solid in a heated beaker; over it a surface kept cold with ${cold === 'ice' ? 'ice' : 'cold water'}, on which crystals grow`}
      spots={spots}
      spot={spot}
    >
      <path d="M52 70l4 4v98h88V74l4-4" className="glass" />
      <path d="M58 170q42-16 84 0z" className="solid" />
      <path d="M92 20v24a34 34 0 1 0 16 0V20" className="glass" />
      <path d="M68 70a34 34 0 0 0 64 0z" className="water" />
      {cold === 'ice' && (
        <Ice
          at={[
            [84, 62],
            [100, 66],
            [112, 60],
          ]}
        />
      )}
      {[78, 100, 122].map((x) => (
        <path key={x} d={`M${x} 154q-6-10 0-18t0-18`} className="vapour" />
      ))}
      {grown && <path d="M76 96l6 10l6-6l6 9l6-7l6 7l6-9l6 6l6-10q-24 20-48 0z" className="solid" />}
      <Plate x={100} y={174} />
      <Thermometer bulb={[140, 168]} top={[178, 92]} text={text} />
    </Frame>
  );
}
