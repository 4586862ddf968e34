import { Frame } from './parts';
import type { PictureProps, Spots } from './parts';

const spots: Spots<'trace'> = {
  vial: [206, 150],
  'present-A': [110, 92],
  'present-B': [64, 92],
};

/** A recorded trace over its axis: peaks of a chromatogram, bands of a spectrum. */
export function TracePicture({ drawing, spot }: PictureProps<'trace'>) {
  const bands = drawing.shows === 'bands';
  return (
    <Frame
      label={
        bands
          ? 'A spectrum: bands are there, or are gone'
          : 'A chromatogram: a peak for each substance, the vial beside it'
      }
      spots={spots}
      spot={spot}
    >
      <path d="M24 20v130h160" className="stem" />
      {bands ? (
        <path d="M26 40q30 2 38 18q6 10 14-12q20-6 26 4q4 90 10 4q14-10 22 2q4 40 10 2q16-8 36-6" className="flow" />
      ) : (
        <path d="M26 148h22q4-90 8 0h40q6-120 12 0h20q3-24 6 0h48" className="flow" />
      )}
      <text x="184" y="168" textAnchor="end" className="picture-note">
        {bands ? 'wavenumber' : 'time'}
      </text>
      <path d="M196 116h20v8h-20zM194 126h24v42q0 4-4 4h-16q-4 0-4-4z" className="glass" />
      <path d="M196 142h20v26q0 2-2 2h-16q-2 0-2-2z" className="liquid" />
    </Frame>
  );
}
