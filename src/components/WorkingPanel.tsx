'use client';
import { renderWorking } from '@/core/words/renderWorking';
import type { Working } from '@/core/words/renderWorking';
import { MathText } from './MathText';
import type { Preparation } from '@/core/document/document';
import type { Source, Worked } from '@/core/quantity/worked';

/** Where the names of lines, substances and devices are found. */
export type Named = Pick<Preparation, 'lines' | 'substances' | 'devices'>;

const deepest = 8;

/** Formulas that only pass on what was entered or read. */
const leaves: ReadonlySet<string> = new Set(['asTyped', 'asRead']);

/** The chain of formulas under a number, the asked one first; readings and atomic weights end it. */
function chain(worked: Worked): readonly Worked[] {
  const found: Worked[] = [];
  const visit = (one: Worked, depth: number) => {
    if (found.includes(one) || depth > deepest || leaves.has(one.formula)) return;
    found.push(one);
    for (const { source } of Object.values(one.inputs)) if (source.at === 'worked') visit(source.of, depth + 1);
  };
  visit(worked, 0);
  return found;
}

/** An input with its origin; of one that was only read or entered, the origin of that. */
function endOf({ symbol, text, source }: Working['inputs'][number]): readonly Working['inputs'][number][] {
  if (source.at !== 'worked') return [{ symbol, text, source }];
  const { x } = source.of.inputs;
  return leaves.has(source.of.formula) && x ? [{ symbol, text, source: x.source }] : [];
}

/** Working of a number: each formula in symbols and in figures, down to what was entered. */
export function WorkingPanel({
  worked,
  doc,
  title,
  entryWords,
  assumptionWords,
}: {
  readonly worked: Worked;
  readonly doc: Named;
  readonly title: string;
  /** What an entry of the record says, where there is one. */
  readonly entryWords?: (id: string) => string | undefined;
  /** What was assumed, and why. */
  readonly assumptionWords?: (id: string) => string | undefined;
}) {
  return (
    <section className="working" aria-label={`Working: ${title}`}>
      <ol>
        {chain(worked).map((one, i) => {
          const { name, symbols, numbers, result, uncertainty, source, inputs } = renderWorking(one);
          // Atoms and their weights already stand in the expression.
          const ends = one.formula === 'molarMass' ? [] : inputs.flatMap(endOf);
          return (
            <li key={i}>
              <div className="working-line">
                <MathText text={symbols} />
                <span className="num">
                  = {numbers} = <strong>{result}</strong>
                  {uncertainty && <span className="muted"> {uncertainty}</span>}
                </span>
              </div>
              <div className="working-from">
                {name}, {source}
                {ends.map(({ symbol, text, source: from }) => (
                  <span key={symbol} className="working-source">
                    <MathText text={symbol} /> <span className="num">{text}</span>{' '}
                    {sourceWords(doc, from, { entryWords, assumptionWords })}
                  </span>
                ))}
              </div>
            </li>
          );
        })}
      </ol>
      <p className="working-note">
        Intermediate results are carried unrounded. ± is the standard uncertainty of the devices alone.
      </p>
    </section>
  );
}

function sourceWords(
  doc: Named,
  source: Source,
  {
    entryWords,
    assumptionWords,
  }: Readonly<Record<'entryWords' | 'assumptionWords', ((id: string) => string | undefined) | undefined>>,
): string | undefined {
  if (source.at === 'worked') return undefined;
  const { id } = source;
  switch (source.at) {
    case 'line': {
      const substance = doc.lines.find((line) => line.id === id)?.substance;
      return `entered, ${doc.substances.find((one) => one.id === substance)?.name ?? id}`;
    }
    case 'entry':
      return entryWords?.(id) ?? 'as read at the bench';
    case 'device':
      return `step of the ${doc.devices.find((device) => device.id === id)?.name ?? id}`;
    case 'reference':
      return referenceWords(doc, id, source.field);
    case 'equation':
      return 'from the equation';
    case 'setting':
      return id === 'pure' ? 'taken as pure' : 'setting';
    case 'assumption':
      return assumptionWords?.(id) ?? 'assumed';
    case 'prediction':
      return `foreseen, ${doc.substances.find((one) => one.id === id)?.name ?? 'in the vessel'}`;
  }
}

function referenceWords(doc: Named, id: string, field: string | undefined): string | undefined {
  const substance = doc.substances.find((one) => one.id === id);
  const [what, at] = field?.split('/') ?? [];
  if (what === 'solubility') {
    const points = substance?.solubility?.flatMap((one) => one.points) ?? [];
    const point = points.find(({ at_C }) => String(at_C) === at);
    return point && `${substance?.name}, ${at} °C, ${point.source} (${point.check})`;
  }
  if (field === 'molarity') return `${substance?.name ?? id}, listed concentration`;
  const { density } = substance ?? {};
  return density && `${substance?.name}, ${density.at_C ?? '?'} °C, ${density.source} (${density.check})`;
}
