import { format } from '@/core/quantity/format';
import { ConicalFlask, Frame, Plate } from './parts';
import type { PictureProps, Spots } from './parts';

const spots: Spots<'dissolving'> = {
  heater: [90, 184],
  aids: [90, 170],
  offHeat: [90, 176],
  charcoal: [90, 76],
  warm: [150, 40],
  filtered: [90, 90],
};

/** The flask on its plate with the solvent so far against what is expected. */
export function RecrystallizationPicture({ drawing: { total, expected }, focus, spot }: PictureProps<'dissolving'>) {
  const share = total && expected ? total.q.value / expected.q.value : 0;
  const text = (worked: NonNullable<typeof total>) => format(worked.q, worked.unit, { figures: 2 });
  const height = 120;
  const level = Math.min(1.4, share) * (height / 1.4);
  return (
    <Frame
      label="Conical flask on the plate; beside it the solvent so far against what is expected"
      spots={spots}
      spot={spot}
    >
      <ConicalFlask x={90} y={174} fill={Math.min(0.8, 0.15 + 0.4 * share)} />
      {focus === 'offHeat' ? <path d="M30 176h120" className="stem" /> : <Plate x={90} y={176} />}
      {expected && (
        <>
          <path d={`M184 ${168 - level}h18v${level}h-18z`} className={share > 1.25 ? 'over' : 'liquid'} />
          <path d={`M184 48v${height}h18v${-height}`} className="glass" />
          <path d={`M178 ${168 - height / 1.4}h30`} className="sight" />
          <text x="193" y="38" textAnchor="middle" className="picture-note">
            expected {text(expected)}
          </text>
          <text x="193" y="186" textAnchor="middle" className="picture-text">
            {total ? text(total) : '0 mL'}
          </text>
        </>
      )}
    </Frame>
  );
}
