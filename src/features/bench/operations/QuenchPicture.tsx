import { Beaker, Flow, Frame, Ice, Thermometer } from './parts';
import type { PictureProps, Spots } from './parts';

const spots: Spots<'quench'> = {
  stirred: [116, 172],
  poured: [88, 80],
  ended: [116, 150],
  hood: [210, 30],
};

/** The mixture goes into stirred ice-water, not the other way round. */
export function QuenchPicture({ focus, spot, text }: PictureProps<'quench'>) {
  return (
    <Frame label="The mixture is poured into stirred ice-water" spots={spots} spot={spot}>
      <Beaker x={116} y={186} fill={0.55} width={104} />
      <Ice
        at={[
          [74, 150],
          [96, 156],
          [130, 150],
          [148, 160],
        ]}
      />
      <path d="M104 180q12 5 24 0" className="stem" />
      <path d="M24 66a25 25 0 1 1 42-22l26 8l-4 15l-26-7a25 25 0 0 1-38 6z" className="glass" />
      <path d="M22 58q22-8 44 3a25 25 0 0 1-40 4z" className="liquid" />
      <Flow d="M92 62q16 12 18 66" />
      {focus === 'temperature' && <Thermometer bulb={[46, 58]} top={[74, 8]} text={text} />}
    </Frame>
  );
}
