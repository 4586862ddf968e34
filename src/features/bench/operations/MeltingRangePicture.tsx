import { Frame } from './parts';
import type { PictureProps, Spots } from './parts';

const spots: Spots<'melting'> = { sample: [96, 132], own: [96, 60] };

/** A capillary in the block; what to look for in its sample, and the display that is read. */
export function MeltingRangePicture({ focus, spot, text }: PictureProps<'melting'>) {
  const [, slot = ''] = focus.split('-');
  return (
    <Frame label="A capillary in the heated block, its sample in the window" spots={spots} spot={spot}>
      <path d="M50 76h92v92H50z" className="glass" />
      <circle cx="96" cy="126" r="30" className="glass" />
      <path d="M91 34v104q5 6 10 0V34" className="glass" />
      <path d="M92 122h8v15q-4 5-8 0z" className={slot === 'clear' ? 'liquid' : 'solid'} />
      {slot === 'onset' && <path d="M92 130h8v7q-4 5-8 0z" className="liquid" />}
      <rect x="156" y="104" width="76" height="34" rx="5" className="display" />
      <text x="194" y="127" textAnchor="middle" className="picture-text">
        {text || '°C'}
      </text>
      <text x="194" y="156" textAnchor="middle" className="picture-note">
        {slot === 'onset' ? 'first liquid' : slot === 'clear' ? 'last crystal' : '1–2 K/min'}
      </text>
    </Frame>
  );
}
