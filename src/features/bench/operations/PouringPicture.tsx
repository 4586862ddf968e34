import { Beaker, Flow, Frame, Thermometer } from './parts';
import type { PictureProps, Spots } from './parts';

const spots: Spots<'pouring'> = {
  labels: [50, 60],
  moved: [130, 172],
  begun: [104, 84],
  poured: [104, 84],
};

/** One vessel is emptied into another, which stands and is stirred. */
export function PouringPicture({ focus, spot, text }: PictureProps<'pouring'>) {
  return (
    <Frame label="One vessel is poured into another, which is stirred" spots={spots} spot={spot}>
      <Beaker x={130} y={186} fill={0.45} width={92} />
      <path d="M118 180q12 5 24 0" className="stem" />
      <path d="M22 66l30-40l44 34l-14 9l-22 21z" className="glass" />
      <path d="M36 72l22-28l30 20l-8 7l-20 17z" className="liquid" />
      <Flow d="M96 62q14 14 16 74" />
      {focus === 'temperature' && <Thermometer bulb={[146, 166]} top={[172, 78]} text={text} />}
    </Frame>
  );
}
