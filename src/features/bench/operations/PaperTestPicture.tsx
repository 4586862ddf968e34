import { Frame } from './parts';
import type { PictureProps, Spots } from './parts';

const spots: Spots<'paper'> = { positive: [118, 150], line: [60, 70] };

/** A drop on a glass rod, touched to a strip of paper. */
export function PaperTestPicture({ drawing: { positive, negative }, spot }: PictureProps<'paper'>) {
  return (
    <Frame label="A drop from a glass rod on a strip of test paper" spots={spots} spot={spot}>
      <path d="M40 138h160v24H40z" className="solid" />
      <circle cx="118" cy="150" r="9" className="liquid" />
      <path d="M122 138L170 30M116 136L164 28" className="glass" />
      <path d="M118 128q-5 8 0 10q5-2 0-10z" className="water" />
      <text x="40" y="184" className="picture-note">
        {`${positive}, or ${negative.toLowerCase()}?`}
      </text>
    </Frame>
  );
}
