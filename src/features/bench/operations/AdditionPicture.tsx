import { Flow, Frame, Ice, RoundFlask, Thermometer } from './parts';
import type { PictureProps, Spots } from './parts';

const spots: Spots<'addition'> = {
  begun: [78, 44],
  stirred: [100, 158],
  ice: [170, 166],
  thermometer: [138, 104],
};

/** A portion on its way into the flask, a thermometer in the liquid, ice at hand. */
export function AdditionPicture({ focus, spot, text }: PictureProps<'addition'>) {
  return (
    <Frame
      label="A portion goes into the stirred flask; the thermometer stands in the liquid, ice at hand"
      spots={spots}
      spot={spot}
    >
      <RoundFlask x={100} y={136} side />
      <path d="M40 20h34v12q0 5-5 5H45q-5 0-5-5z" className="liquid" />
      <path d="M38 10v26q0 6 6 6h26q6 0 6-6V10" className="glass" />
      <Flow d="M78 32q20 4 21 38" />
      <path d="M88 164q12 5 24 0" className="stem" />
      <Thermometer bulb={[112, 146]} top={[150, 86]} text={focus.startsWith('portion') ? text : ''} />
      <path d="M150 158v26h48v-26" className="glass" />
      <Ice
        at={[
          [156, 164],
          [172, 168],
          [184, 162],
        ]}
      />
    </Frame>
  );
}
