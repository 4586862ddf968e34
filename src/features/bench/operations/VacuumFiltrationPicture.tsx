import { Flow, Frame } from './parts';
import type { PictureProps, Spots } from './parts';

const spots: Spots<'suction'> = {
  paper: [100, 62],
  weighed: [100, 62],
  suction: [166, 112],
  flask: [100, 168],
  filtered: [100, 50],
  washed: [100, 40],
  ended: [100, 56],
};

/** Funnel with a flat plate on a filter flask, the hose to the pump at its side. */
export function VacuumFiltrationPicture({ step, focus, spot }: PictureProps<'suction'>) {
  const cake = focus !== 'paper' && focus !== 'suction';
  const washed = focus === 'washed';
  return (
    <Frame label="Suction funnel on a filter flask; the hose leads to the pump" spots={spots} spot={spot}>
      <path d="M66 28v40q0 4 4 4h24l4 26h4l4-26h24q4 0 4-4V28" className="glass" />
      <path d="M68 66h64" className="stem" />
      {cake && <path d="M70 64q14-14 30-10t30 10z" className="solid" />}
      {washed && <path d="M70 44h60v12H70z" className="water" />}
      {washed && <Flow d="M100 8v26" />}
      <path d="M62 180L84 124V98h32v26l22 56q0 6-6 6H68q-6 0-6-6z" className="glass" />
      <path d="M66 172l6-16h56l6 16q0 12-4 12H70q-4 0-4-12z" className="liquid" />
      <path d="M118 112h30" className="glass" />
      <Flow d="M150 112h44" />
      <text x="198" y="116" className="picture-note">
        pump
      </text>
      <title>{step.operation.title}</title>
    </Frame>
  );
}
