import { WorkedNumber } from '@/components/WorkingDrawer';
import type { GreenMetrics } from '@/core/process/greenMetrics';

/** What the preparation costs in matter, in one line. */
export function GreenLine({
  green: { atomEconomy, eFactor, massIntensity, massIn, unknown },
}: {
  readonly green: GreenMetrics;
}) {
  return (
    <p className="green-line">
      {atomEconomy && (
        <span>
          Atom economy <WorkedNumber worked={atomEconomy} label="Atom economy" />
        </span>
      )}
      <span>
        E-factor <WorkedNumber worked={eFactor} label="E-factor" />
      </span>
      <span>
        Process mass intensity <WorkedNumber worked={massIntensity} label="Process mass intensity" />
      </span>
      <span>
        Mass in <WorkedNumber worked={massIn} label="Mass of everything charged" />
      </span>
      {unknown.length > 0 && <small className="muted">without {unknown.join(', ')}: mass not known</small>}
    </p>
  );
}
