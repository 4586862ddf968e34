import { Flow, Frame } from './parts';
import type { PictureProps, Spots } from './parts';

const spots: Spots<'funnel'> = {
  stopcock: [100, 148],
  cool: [100, 60],
  room: [100, 36],
  shaken: [100, 20],
  upper: [100, 84],
  separated: [100, 172],
  settled: [100, 104],
  parted: [100, 172],
  // A drop of the wash, by the flask that it went into.
  tested: [126, 184],
};

/** Separatory funnel in its ring: two layers, the expected order written into them; a flask under it. */
export function FunnelPicture({ drawing: { organic }, spot }: PictureProps<'funnel'>) {
  const empty = spot === 'stopcock' || spot === 'cool';
  const [upper, lower] = organic === 'upper' ? ['organic', 'water'] : ['water', 'organic'];
  return (
    <Frame
      label={`Separatory funnel over a flask; expected on top: ${upper}, below: ${lower}`}
      spots={spots}
      spot={spot}
    >
      {!empty && (
        <>
          <path d="M68 62h64l-5 26H73z" className={upper === 'organic' ? 'organic' : 'water'} />
          <path d="M73 88h54L106 136H94z" className={lower === 'organic' ? 'organic' : 'water'} />
          <text x="142" y="78" className="picture-note">
            {upper}?
          </text>
          <text x="142" y="112" className="picture-note">
            {lower}?
          </text>
        </>
      )}
      <path d="M92 14v14q-26 10-26 32q0 6 2 10l26 66v30M108 14v14q26 10 26 32q0 6-2 10l-26 66v30" className="glass" />
      <path d="M88 148h24M112 143v10" className="stem" />
      <path d="M30 92h38M30 40v150" className="glass" />
      {spot === 'separated' ? <Flow d="M100 156v26" /> : <path d="M90 8h20l-3 8H93z" className="glass" />}
      {spot === 'shaken' && <Flow d="M120 8q26-8 44 10" />}
      <path d="M74 198q-6-20 26-24q32 4 26 24z" className="glass" />
    </Frame>
  );
}
