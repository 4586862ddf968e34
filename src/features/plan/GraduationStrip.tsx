import { format } from '@/core/quantity/format';
import { fromCanonical, toCanonical } from '@/core/quantity/units';
import type { Target } from '@/core/plan/targets';

const width = 132;
const spans = 8;

/** A piece of the device's own scale around the target: its lines, the exact value, and the mark that is read. */
export function GraduationStrip({ target }: { readonly target: Target }) {
  const { device, exact, rounded } = target;
  if (!device) return null;
  const step = Number(device.graduation);
  const value = fromCanonical(rounded.q.value, device.unit);
  const centre = Math.round(value / step) * step;
  const low = centre - (spans / 2) * step;
  const x = (at: number) => ((at - low) / (spans * step)) * width;
  const exactAt = fromCanonical(exact.q.value, device.unit);
  const same = Math.abs(exactAt - value) < toCanonical(device.step, device.unit) * 1e-6;
  const lines = Array.from({ length: spans + 1 }, (_, i) => low + i * step).filter((at) => at >= -step * 1e-6);
  const major = (at: number) => Math.abs(at / step / 5 - Math.round(at / step / 5)) < 1e-6;
  const exactText = same ? '' : `, exactly ${format(exact.q, exact.unit, { figures: rounded.figures + 1 })}`;
  const words = `${device.name}: read ${format(rounded.q, rounded.unit, { figures: rounded.figures })}${exactText}`;
  return (
    <span className="graduation" title={words}>
      <svg viewBox={`0 0 ${width} 15`} width={width} height="15" role="img" aria-label={words}>
        <path d={`M0 14.500H${width}`} className="graduation-line" />
        {lines.map((at) => (
          <path key={at} d={`M${x(at)} 14.500v${major(at) ? -8 : -4.5}`} className="graduation-line" />
        ))}
        {!same && Math.abs(x(exactAt) - width / 2) < width / 2 && (
          <path d={`M${x(exactAt)} 14.500V1`} className="graduation-exact" />
        )}
        <path d={`M${x(value)} 9l-3.500-7h7z`} className="graduation-read" />
      </svg>
      <small>
        {device.name}
        {!same && <span className="graduation-note">{exactText.replace(', exactly', ' · exact')}</span>}
      </small>
    </span>
  );
}
