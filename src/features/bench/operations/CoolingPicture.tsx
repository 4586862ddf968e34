import { ConicalFlask, Frame, Ice, Thermometer } from './parts';
import type { PictureProps, Spots } from './parts';

const spots: Spots<'cooling'> = { begun: [100, 160], ended: [100, 140] };

/** A flask in its bath, or on the bench in air. */
export function CoolingPicture({ drawing: { bath }, focus, spot, text }: PictureProps<'cooling'>) {
  return (
    <Frame
      label={
        bath === 'air'
          ? 'The flask stands covered in air, undisturbed'
          : `The flask stands in ${bath === 'ice' ? 'ice' : 'cold water'}`
      }
      spots={spots}
      spot={spot}
    >
      {bath !== 'air' && (
        <>
          <path d="M34 138h132v46H34z" className="water" />
          <path d="M30 112v72q0 4 4 4h132q4 0 4-4v-72" className="glass" />
        </>
      )}
      <ConicalFlask x={100} y={178} />
      {bath === 'ice' && (
        <Ice
          at={[
            [40, 140],
            [48, 160],
            [42, 176],
            [146, 142],
            [152, 162],
            [144, 174],
          ]}
        />
      )}
      {bath === 'air' && <path d="M86 80q14-8 28 0M20 182h170" className="glass" />}
      {focus === 'temperature' && <Thermometer bulb={[104, 156]} top={[128, 66]} text={text} />}
    </Frame>
  );
}
