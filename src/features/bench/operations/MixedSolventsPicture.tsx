import { ConicalFlask, Flow, Frame, Thermometer } from './parts';
import type { PictureProps, Spots } from './parts';

const spots: Spots<'mixedSolvents'> = {
  dissolved: [100, 150],
  cloudy: [100, 150],
  seeded: [100, 168],
  oil: [100, 168],
};

/** A warm solution; the other solvent goes in drop by drop until a faint cloud stays. */
export function MixedSolventsPicture({ focus, spot, text }: PictureProps<'mixedSolvents'>) {
  return (
    <Frame
      label="Solution in a conical flask; the second solvent drop by drop to a faint cloud"
      spots={spots}
      spot={spot}
    >
      <ConicalFlask x={100} y={180} fill={0.45} />
      {focus === 'cloudy' && <path d="M76 160q10-10 20 0t20 0t16-4" className="vapour" />}
      {(focus === 'seeded' || focus === 'oil') && <path d="M80 176l6-12l6 12zM104 176l7-14l7 14z" className="solid" />}
      <path d="M132 8l16 12l-28 38l-8-6z" className="glass" />
      <Flow d="M110 62l-6 34" />
      {focus === 'temperature' && <Thermometer bulb={[88, 160]} top={[100, 66]} text={text} />}
    </Frame>
  );
}
