import { Beaker, Flow, Frame, Thermometer } from './parts';
import type { PictureProps, Spots } from './parts';

const spots: Spots<'pH'> = { open: [96, 106], paper: [196, 132], reached: [196, 132] };

/** An open, large beaker, stirred; portions from above, a strip of pH paper beside it. */
export function NeutralizationPicture({ drawing: { low, high }, focus, spot, text }: PictureProps<'pH'>) {
  const shades = [0.2, 0.4, 0.6, 0.8, 1];
  return (
    <Frame label={`Open stirred beaker; add in portions to pH ${low}–${high}`} spots={spots} spot={spot}>
      <Beaker x={96} y={186} fill={0.5} width={116} />
      <path d="M84 180q12 5 24 0" className="stem" />
      <Flow d="M96 40v80" />
      <path d="M86 6h20v26l-6 10h-8l-6-10z" className="glass" />
      {[70, 116, 132].map((x) => (
        <circle key={x} cx={x} cy={162 - (x % 17)} r="3" className="vapour" />
      ))}
      {shades.map((opacity, i) => (
        <rect key={opacity} x="186" y={88 + i * 18} width="20" height="18" className="liquid" style={{ opacity }} />
      ))}
      <text x="196" y="80" textAnchor="middle" className="picture-text">
        {`pH ${low}–${high}`}
      </text>
      {focus === 'temperature' && <Thermometer bulb={[62, 160]} top={[74, 84]} text={text} />}
    </Frame>
  );
}
