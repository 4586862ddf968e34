import { ConicalFlask, Flow, Frame } from './parts';
import type { PictureProps, Spots } from './parts';

const spots: Spots<'gravity'> = { paper: [100, 54], flasks: [100, 160], filtered: [100, 90] };

/** Fluted paper in a funnel without a stem, on a conical flask. */
export function GravityFiltrationPicture({ spot }: PictureProps<'gravity'>) {
  return (
    <Frame label="Fluted paper in a warmed funnel on a conical flask" spots={spots} spot={spot}>
      <ConicalFlask x={100} y={190} fill={0.35} />
      <path d="M52 30l40 56h16l40-56" className="glass" />
      <path d="M58 30l14 16l10-12l10 14l8-14l8 14l10-14l10 12l14-16l-40 52h-4z" className="solid" />
      <Flow d="M100 6v26" />
    </Frame>
  );
}
