import { Frame } from './parts';
import type { PictureProps } from './parts';

/** The sum to be done, in symbols. */
export function CalculationPicture({ drawing: { of }, text }: PictureProps<'sum'>) {
  const under = of === 'yield' ? 'theoretical yield' : 'mass that went in';
  return (
    <Frame label={`Mass weighed over ${under}, times 100 %`} spots={{}} spot={undefined}>
      <text x="92" y="76" textAnchor="middle" className="picture-text">
        mass weighed
      </text>
      <path d="M22 90h140" className="stem" />
      <text x="92" y="114" textAnchor="middle" className="picture-text">
        {under}
      </text>
      <text x="170" y="95" className="picture-text">
        × 100 %
      </text>
      <text x="120" y="160" textAnchor="middle" className="picture-note">
        {text === '?? %' ? 'of what you actually charged' : `= ${text}`}
      </text>
    </Frame>
  );
}
