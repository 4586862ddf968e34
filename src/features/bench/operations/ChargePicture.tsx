import { Flow, Frame, RoundFlask } from './parts';
import type { PictureProps, Spots } from './parts';

const spots: Spots<'charge'> = { added: [104, 166] };

/** Something goes into the flask. */
export function ChargePicture({ spot }: PictureProps<'charge'>) {
  return (
    <Frame label="It goes into the flask" spots={spots} spot={spot}>
      <RoundFlask x={104} y={142} fill={0.4} />
      <Flow d="M60 30q42-6 44 46" />
      {[96, 104, 112].map((x) => (
        <circle key={x} cx={x} cy={170 - Math.abs(x - 104) / 4} r="2.500" className="pupil" />
      ))}
    </Frame>
  );
}
