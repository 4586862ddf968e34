import { Beaker, Flow, Frame } from './parts';
import type { PictureProps, Spots } from './parts';

const spots: Spots<'antisolvent'> = {
  cloudy: [112, 150],
  added: [60, 40],
  oil: [112, 174],
  ended: [112, 174],
};

/** Another liquid goes in slowly; the product comes out and settles. */
export function AntisolventPicture({ focus, spot }: PictureProps<'antisolvent'>) {
  return (
    <Frame label="Another liquid goes in slowly; the product comes out and settles" spots={spots} spot={spot}>
      <Beaker x={112} y={186} fill={0.66} width={96} />
      <path d="M82 150q10-10 20 0t20 0t20 0" className="vapour" />
      {focus !== 'cloudy' && <path d="M78 184l8-14l8 14zM104 184l9-18l9 18zM132 184l7-12l7 12z" className="solid" />}
      <path d="M40 10h40v40q0 6-6 6H46q-6 0-6-6z" className="glass" />
      <path d="M42 26h36v24q0 4-4 4H46q-4 0-4-4z" className="liquid" />
      <Flow d="M80 36q24 6 28 86" />
    </Frame>
  );
}
