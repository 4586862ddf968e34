import { findOperation } from '../operations/registry';
import type { Live } from '../record/foldRecord';
import type { Preparation } from '../document/document';

/** A record in which events have the names and parts of today; what is stored stays as it is. */
export function withNames(record: readonly Live[], { steps }: Pick<Preparation, 'steps'>): readonly Live[] {
  const readers = new Map(steps.map(({ id, op }) => [id, findOperation(op)?.readEntry] as const));
  return record.map((live) => {
    const { body } = live;
    const read = body.k === 'event' ? readers.get(body.step)?.(body.name) : undefined;
    return read && body.k === 'event' ? { ...live, body: { ...body, ...read } } : live;
  });
}
