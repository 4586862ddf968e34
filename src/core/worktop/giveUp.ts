import { foreseen } from './foreseen';
import { contentOf } from '../document/steps';
import { derive } from '../stoichiometry/derive';
import { fromWorked } from '../quantity/worked';
import type { AssumptionSpec } from './assumption';
import type { Worktop } from './worktop';

/** How a material gives up what it holds: which share of it, and why so much. */
export type GivesUp = Pick<AssumptionSpec<'fraction'>, 'label' | 'low' | 'typical' | 'high' | 'why'>;

/** Matter that nobody has modelled (cloves, leaves, a juice) and what is declared to be in it. */
export interface MaterialContent {
  readonly place: string;
  /** Substance that the material is. */
  readonly matter: string;
  /** Phase in which it lies. */
  readonly phase: 'liquid' | 'solid';
  /** What it holds of what the stage is of, g. */
  readonly grams: number;
}

/** What a material in a vessel holds of what the stage is of; nothing where its content is not declared or it is not there. */
export function contentIn(work: Worktop, place: string, line: string): MaterialContent | undefined {
  const { stage } = work;
  if (!stage) return undefined;
  const matter = work.world.facts.lines.get(line)?.line.substance ?? '';
  const phase = (work.phase(place, 'liquid')[matter] ?? 0) > 0 ? 'liquid' : 'solid';
  const percent = Number(contentOf(stage)?.percent ?? 100);
  const grams = ((work.phase(place, phase)[matter] ?? 0) * percent) / 100;
  return grams > 0 && matter !== stage.substance ? { place, matter, phase, grams } : undefined;
}

/** Grams that a material gives up of its content; the rest is lost with what is left of it. */
export function givenUp(work: Worktop, { grams }: Pick<MaterialContent, 'grams'>, how: GivesUp): number {
  const given = work.assume({ key: 'given', dim: 'fraction', unit: '%', ...how });
  work.lose(
    'material',
    'left in the material',
    derive({
      formula: 'unconverted',
      dim: 'mass',
      unit: 'g',
      value: grams * (1 - given.q.value),
      inputs: { m_theo: foreseen('mass', grams, 'g', work.stage?.substance ?? ''), X: fromWorked(given) },
      figures: 2,
      certain: 'modelled',
    }),
  );
  return grams * given.q.value;
}

/** A material gives up its content into the liquid that it lies in: the mass moves over under its own name. */
export function giveUpInto(work: Worktop, place: string, line: string): void {
  const content = contentIn(work, place, line);
  if (!content || !work.stage) return;
  const grams = givenUp(work, content, {
    label: 'share of the content that goes into the liquid',
    low: 0.5,
    typical: 0.8,
    high: 0.95,
    why: 'by time, heat and how finely it is divided; a second portion of liquid brings more',
  });
  work.take(place, content.phase, { [content.matter]: grams });
  work.put(place, 'liquid', { [work.stage.substance]: grams });
}
