import { gramsOf, nothing, plus } from './matter';
import type { Matter } from './matter';

/** Phases as the bench sees them. A reaction mixture or a water layer is `liquid`; `organic` is the other layer. */
export const phaseKinds = ['organic', 'liquid', 'solid'] as const;
export type PhaseKind = (typeof phaseKinds)[number];

/** What a vessel holds. */
export interface Content {
  readonly phases: Readonly<Partial<Record<PhaseKind, Matter>>>;
  readonly temperature_C: number;
  /** It was poured out: what is in it clings to the glass. */
  readonly poured?: true;
  /** An extraction left it behind. */
  readonly raffinate?: true;
}

/** Everything on the bench, by place: a vessel of the preparation, or a place that an operation declares (a cake, a filtrate). */
export type Shelf = Readonly<Record<string, Content>>;

/** Room temperature where nothing else is known, °C. */
export const room_C = 20;
export const emptyVessel: Content = { phases: {}, temperature_C: room_C };

/** What one phase holds. */
export function phaseOf(content: Content, kind: PhaseKind): Matter {
  return content.phases[kind] ?? nothing;
}

/** Everything in a vessel, whatever its phase. */
export function wholeOf({ phases }: Content): Matter {
  let whole = nothing;
  for (const kind of phaseKinds) {
    const phase = phases[kind];
    if (phase) whole = whole === nothing ? phase : plus(whole, phase);
  }
  return whole;
}

/** The same content with one phase replaced; an empty one leaves. */
export function withPhase(content: Content, kind: PhaseKind, matter: Matter): Content {
  const phases = { ...content.phases, [kind]: matter };
  if (gramsOf(matter) === 0) delete phases[kind];
  return { ...content, phases };
}
