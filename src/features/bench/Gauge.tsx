import { format } from '@/core/quantity/format';
import type { Window } from '@/core/operations/ask';

/** Where a window's edges lie on the bar, and what the bar spans; all in the canonical unit. */
interface Scale {
  readonly from: number;
  readonly to: number;
}

/** The window as a bar that fills while a reading is typed. */
export function Gauge({ window, value }: { readonly window: Window; readonly value: number | undefined }) {
  const { low, high, aim, dim, unit, figures } = window;
  const { from, to } = scaleOf(window);
  const at = (x: number) => Math.max(0, Math.min(100, ((x - from) / (to - from)) * 100));
  const state = judge(window, value);
  const show = (x: number) => format({ dim, value: x }, unit, { figures });
  const left = low === undefined ? 0 : at(low);
  const right = high === undefined ? 100 : at(high);
  const limits = [low === undefined ? '' : `from ${show(low)}`, high === undefined ? '' : `to ${show(high)}`]
    .filter(Boolean)
    .join(' ');
  return (
    <div className={`gauge gauge-${state.kind}`}>
      <div className="gauge-bar" role="img" aria-label={`Accepted ${limits}: ${state.says}`}>
        <span className="gauge-window" style={{ left: `${left}%`, right: `${100 - right}%` }} />
        {aim !== undefined && <span className="gauge-target" style={{ left: `${at(aim)}%` }} />}
        {value !== undefined && <span className="gauge-fill" style={{ width: `${at(value)}%` }} />}
      </div>
      <div className="gauge-ends num" aria-hidden="true">
        {low !== undefined && <span style={{ left: `${left}%` }}>{show(low)}</span>}
        {high !== undefined && <span style={{ left: `${right}%` }}>{show(high)}</span>}
      </div>
      <p className="gauge-words">{value === undefined && aim !== undefined ? `aim at ${show(aim)}` : state.says}</p>
    </div>
  );
}

/** The window takes the middle half of the bar; an open side takes what is left. */
function scaleOf({ low, high, dim }: Window): Scale {
  if (low !== undefined && high !== undefined) return { from: low - (high - low) / 2, to: high + (high - low) / 2 };
  const edge = high ?? low ?? 0;
  const room = dim === 'temperature' ? 20 : Math.max(Math.abs(edge), 1e-9);
  return high === undefined ? { from: edge - room / 3, to: edge + room } : { from: edge - room, to: edge + room / 3 };
}

function judge({ low, high }: Window, value: number | undefined) {
  if (value === undefined) return { kind: 'waiting', says: 'nothing typed yet' } as const;
  if (low !== undefined && value < low - 1e-12) return { kind: 'out', says: 'below the window' } as const;
  if (high !== undefined && value > high + 1e-12) return { kind: 'out', says: 'above the window' } as const;
  return { kind: 'in', says: 'inside the window' } as const;
}
