import { capital } from '../capital';
import { freeId } from './freeId';
import { unchosen } from '../document/unchosen';
import type { Added } from './edit';
import type { Preparation, LineRole } from '../document/document';

const names: Readonly<Partial<Record<LineRole, string>>> = {
  extractant: 'Extraction solvent',
  wash: 'Washing liquid',
  rinse: 'Rinsing liquid',
  aid: 'Aid',
};

/** Adds a line of which only the role is known: what it is of, and how much, is still to be chosen. No step charges it. */
export function addOpenLine(doc: Preparation, role: LineRole): Added {
  const called = names[role] ?? capital(role);
  const alike = doc.substances.filter(({ name }) => name.startsWith(called)).length;
  const name = alike > 0 ? `${called} ${String(alike + 1)}` : called;
  const [substance, line] = [freeId(name, doc.substances), freeId(name, doc.lines)];
  return {
    line,
    doc: {
      ...doc,
      substances: [...doc.substances, { id: substance, name }],
      lines: [...doc.lines, { id: line, substance, role, entered: { by: 'words', text: unchosen } }],
    },
  };
}
