import { ConicalFlask, Frame } from './parts';
import type { PictureProps, Spots } from './parts';

const spots: Spots<'standing'> = {
  label: [100, 150],
  begun: [100, 182],
  seen: [100, 160],
  ended: [100, 110],
};

/** A flask with its label at rest: on the bench, or behind the door of a refrigerator. */
export function StandPicture({ drawing: { where, stoppered }, spot }: PictureProps<'standing'>) {
  const cold = where === 'refrigerator';
  return (
    <Frame
      label={`A ${stoppered ? 'stoppered' : 'loosely covered'} flask at rest ${cold ? 'in the refrigerator' : 'on the bench'}, not stirred`}
      spots={spots}
      spot={spot}
    >
      {cold && (
        <>
          <path d="M28 10h144v182H28zM172 10l42 12v156l-42 14" className="glass" />
          <path d="M28 58h144" className="stem" />
          <text x="100" y="40" textAnchor="middle" className="picture-note">
            about 5 °C
          </text>
        </>
      )}
      <ConicalFlask x={100} y={180} fill={0.4} />
      {stoppered ? <path d="M90 74h20l-3 14H93z" className="solid" /> : <path d="M82 84q18-12 36 0" className="stem" />}
      <path d="M78 148h44v16H78z" className="display" />
      <path d="M84 154h32M84 159h22" className="stem" />
      <path d={cold ? 'M28 182h144' : 'M14 182h200'} className="stem" />
    </Frame>
  );
}
