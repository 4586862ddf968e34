import { Frame, Plate, RoundFlask, Thermometer } from './parts';
import type { PictureProps, Spots } from './parts';

const spots: Spots<'hold'> = { begun: [100, 164], ended: [100, 164] };

/** A stirred flask with a thermometer in the liquid. */
export function HoldPicture({ focus, spot, text }: PictureProps<'hold'>) {
  return (
    <Frame label="A stirred flask, the thermometer in the liquid" spots={spots} spot={spot}>
      <RoundFlask x={100} y={138} side />
      <path d="M88 164q12 5 24 0" className="stem" />
      <Thermometer bulb={[112, 148]} top={[152, 84]} text={focus === 'temperature' ? text : ''} />
      <Plate x={100} y={176} />
    </Frame>
  );
}
