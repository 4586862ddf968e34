import { computePlan } from '../plan/plan';
import { roundDecimals } from '../quantity/decimals';
import { foreseeSteps } from './predictProcess';
import { fromVolume } from '../plan/scaleFactor';
import { millilitres } from '../worktop/volumes';
import { processPlan } from './processPlan';
import { withCourse } from '../conventions/course';
import { withProcess } from './withProcess';
import type { CourseSettings } from '../conventions/course';
import type { Pin, Preparation } from '../document/document';
import type { Plan } from '../plan/planTypes';
import type { ProcessPlan } from './processPlan';

/** A plan with what its procedure comes to. */
export interface WholePlan {
  readonly plan: Plan;
  readonly process: ProcessPlan;
}

/**
 * Everything that follows from a document, charge and procedure together: a vessel holds one volume, wherever it is shown or pinned.
 *
 * @param course it is taught in; its conventions and devices apply
 */
export function planOf(document: Preparation, course?: CourseSettings): WholePlan {
  const plan = scaledPlan(withCourse(document, course));
  const process = processPlan(plan);
  return { plan: withProcess(plan, process), process };
}

/** The plan of a document. Where a vessel is pinned, it is filled as far as the procedure fills it. */
export function scaledPlan(doc: Preparation): Plan {
  const bare = computePlan(doc);
  return doc.pin.at === 'vessel' ? filling(bare, doc.pin) : bare;
}

// As many decimals as a document may hold; beyond every device.
const decimals = 9;

/** A scale as an issued document has it. */
const written = (scale: number) => roundDecimals(scale, decimals).replace(/\.?0+$/, '');

// Beyond these no laboratory is: a search that leaves them has lost its way.
const [least, most] = [1e-5, 1e5];
const near = 1e-12;
const mostTries = 40;

/**
 * The plan at the scale at which the procedure fills the pinned vessel as wanted. The volume is not quite proportional to the scale
 * (what stays on glass, what does not scale), so the scale is found by regula falsi on exact amounts.
 */
function filling(bare: Plan, pin: Extract<Pin, { at: 'vessel' }>): Plan {
  const wanted_mL = Number(pin.digits) * (Number(pin.percent) / 100);
  if (!(wanted_mL > 0)) return bare;
  const at = (s: number) => peak_mL(computePlan({ ...bare.doc, pin: { at: 'factor', digits: String(s) } }), pin.vessel);
  let s = bare.factor.ok ? bare.factor.value.q.value : 1;
  let volume = at(s);
  // The procedure never fills it: what the charge table puts into it is all that is known.
  if (!(volume > 0)) return bare;
  let before: readonly [s: number, volume: number] = [0, 0];
  for (let i = 0; i < mostTries && Math.abs(volume / wanted_mL - 1) > near; i += 1) {
    const slope = (volume - before[1]) / (s - before[0]);
    const next = slope > 0 ? s + (wanted_mL - volume) / slope : (s * wanted_mL) / volume;
    // What hardly grows with the scale is no way to a scale: only what the charge table puts into it is.
    if (!(next > least && next < most)) return bare;
    before = [s, volume];
    s = next;
    volume = at(s);
  }
  // The plan shows what benches will get: the scale as it is written down, not the last digits of the search.
  return computePlan(bare.doc, { scale: fromVolume(pin, wanted_mL / Number(written(s))) });
}

/** The most that a vessel holds on the way, mL; of amounts that no device has rounded. */
function peak_mL({ doc, factor, lines, exact }: Plan, vessel: string): number {
  const { steps, world } = foreseeSteps({ doc, factor, lines, charge: exact });
  return Math.max(0, ...steps.map(({ peaks }) => millilitres(world.kind, peaks[vessel] ?? {})));
}

/**
 * A document as benches get it: a scale that was found from the procedure is written down, so that no later model of the procedure
 * moves it.
 */
export function asIssued({ doc, factor }: Plan): Preparation {
  if (doc.pin.at !== 'vessel' || !factor.ok) return doc;
  return { ...doc, pin: { at: 'factor', digits: written(factor.value.q.value) } };
}
