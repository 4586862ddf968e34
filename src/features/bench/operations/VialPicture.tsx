import { Frame } from './parts';
import type { PictureProps, Spots } from './parts';

const spots: Spots<'vial'> = {
  label: [106, 126],
  stored: [106, 126],
  headspace: [106, 78],
  cap: [106, 40],
  begun: [164, 90],
  ended: [106, 40],
};

/** A capped vial with room above the liquid. */
export function VialPicture({ drawing: { shaken }, spot }: PictureProps<'vial'>) {
  return (
    <Frame
      label={shaken ? 'Closed vial, shaken and vented, with room above the liquid' : 'Closed vial with its label'}
      spots={spots}
      spot={spot}
    >
      <path d="M82 30h48v18H82z" className="solid" />
      <path d="M86 50h40v12q14 4 14 18v86q0 10-10 10H82q-10 0-10-10V80q0-14 14-18z" className="glass" />
      <path d="M74 102h64v62q0 10-8 10H82q-8 0-8-10z" className="liquid" />
      {shaken ? (
        <path d="M158 70q18 20 0 44M172 64q24 26 0 56" className="flow" />
      ) : (
        <>
          <path d="M78 110h56v34H78z" className="solid" />
          <path d="M84 120h44M84 128h36M84 136h40" className="stem" />
        </>
      )}
    </Frame>
  );
}
