import { Frame, RoundFlask } from './parts';
import type { PictureProps, Spots } from './parts';

const spots: Spots<'start'> = {
  begun: [100, 150],
  started: [100, 130],
  bulk: [100, 40],
  dried: [100, 140],
  solvent: [100, 150],
  vented: [164, 52],
  flame: [190, 170],
  ready: [100, 100],
};

/** A flask under a drying tube: waiting for the start, or set up dry. */
export function StartPicture({ drawing: { waits }, spot }: PictureProps<'start'>) {
  return (
    <Frame
      label={
        waits
          ? 'A small first portion in the flask: cloudy, warm, bubbles without heat?'
          : 'Dry flask under a drying tube, vented, no flame near'
      }
      spots={spots}
      spot={spot}
    >
      <RoundFlask x={100} y={140} fill={waits ? 0.35 : 0.15} />
      <path d="M93 84V46h60v10h-46v28" className="glass" />
      <path d="M124 44h24v14h-24z" className="solid" />
      {waits && [88, 98, 110].map((x) => <circle key={x} cx={x} cy={158 - (x % 7)} r="3.500" className="vapour" />)}
    </Frame>
  );
}
