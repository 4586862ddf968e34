import { freeId } from '../../editing/freeId';
import type { Making } from './making';
import type { Operation } from '../../operations/operation';

/** Stages of an operation's fields: what it works on and, where it purifies what a step has already won, what comes of it. */
export function stagesFor(making: Making, operation: Operation): ReadonlyMap<string, string> {
  const keys = Object.entries(operation.fields).flatMap(([key, field]) =>
    field.kind === 'stage' && (!field.optional || 'goal' in field) ? [key] : [],
  );
  const needed = keys.filter((key) => !operation.fields[key]?.optional);
  if (needed.length === 0 || making.stage === undefined) return new Map();
  const before = making.stage;
  if (operation.phase === 'purify' && (making.touched || needed.length > 1))
    making.stage = nextStage(making, before, operation);
  making.touched = true;
  const goal = needed.find((key) => 'goal' in (operation.fields[key] ?? {})) ?? needed.at(-1);
  return new Map(needed.map((key) => [key, key === goal ? (making.stage ?? before) : before]));
}

function nextStage(making: Making, before: string, operation: Operation): string {
  const { stages } = making.doc;
  const from = stages.find(({ id }) => id === before);
  const crop = stages.length;
  const bare = from?.name.replace(/^Crude /, '').replace(/ after .*$/, '') ?? 'Product';
  const name =
    `${bare.charAt(0).toUpperCase()}${bare.slice(1)} after ${operation.title.toLowerCase()}${crop > 2 ? ` ${String(crop)}` : ''}`.slice(
      0,
      80,
    );
  const stage = {
    id: freeId(name, stages, 'stage'),
    name,
    substance: from?.substance ?? '',
    origin: { by: 'stage' as const, stage: before },
    measure: 'mass' as const,
  };
  making.doc = { ...making.doc, stages: [...stages, stage] };
  return stage.id;
}
