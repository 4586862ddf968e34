import { Beaker, Flow, Frame, Thermometer } from './parts';
import type { PictureProps, Spots } from './parts';

const spots: Spots<'resuspending'> = { paper: [48, 52], begun: [120, 150], ended: [120, 150] };

/** A cake slides off its paper into a liquid and is stirred up with a rod. */
export function ResuspendingPicture({ focus, spot, text }: PictureProps<'resuspending'>) {
  return (
    <Frame label="The solid comes off its paper into a liquid and is stirred up" spots={spots} spot={spot}>
      <Beaker x={120} y={186} fill={0.6} width={96} />
      <path d="M20 56q28-30 58-14l-4 14q-26-10-48 8z" className="glass" />
      <path d="M28 50q22-18 44-8l-2 7q-20-6-38 6z" className="solid" />
      <Flow d="M76 52q24 10 32 70" />
      {[
        [92, 168],
        [112, 160],
        [134, 170],
        [148, 156],
        [102, 176],
      ].map(([x, y]) => (
        <path key={x} d={`M${x} ${y}l6-3l4 6l-7 3z`} className="solid" />
      ))}
      <path d="M158 84l-30 92" className="stem" />
      {focus === 'temperature' && <Thermometer bulb={[92, 160]} top={[112, 72]} text={text} />}
    </Frame>
  );
}
