import { Flow, Frame } from './parts';
import type { PictureProps, Spots } from './parts';

const spots: Spots<'stripping'> = {
  tared: [86, 132],
  peroxides: [86, 132],
  cooled: [196, 160],
  begun: [134, 80],
  constant: [86, 150],
};

/** A tared flask turning in a warm bath, vapour drawn over to a cooled receiver. */
export function StrippingPicture({ spot }: PictureProps<'stripping'>) {
  return (
    <Frame
      label="Tared flask turning in a warm bath; the solvent goes over to a cooled receiver"
      spots={spots}
      spot={spot}
    >
      <path d="M28 138v44q0 6 6 6h98q6 0 6-6v-44" className="glass" />
      <path d="M30 150h106v32q0 4-4 4H34q-4 0-4-4z" className="water" />
      <path d="M60 150a30 30 0 0 0 54 6z" className="liquid" />
      <path d="M104 108a31 31 0 1 0 10 14l34-34l-10-12z" className="glass" />
      <path d="M148 76l40-34v84" className="glass" />
      <Flow d="M152 66l28-22v40" />
      <path d="M180 126a26 26 0 1 0 16 0" className="glass" />
      <path d="M164 156a26 26 0 0 0 48 0z" className="liquid" />
      <path d="M120 96q10-18 26-10" className="flow" />
      <path d="M188 42h22" className="glass" />
      <text x="212" y="36" textAnchor="end" className="picture-note">
        vacuum
      </text>
    </Frame>
  );
}
