import { inSentence } from '../document/inSentence';
import type { Present } from './scene';

/** Names of what is there, each once, as a sentence begins with them. */
export const names = (all: readonly Pick<Present, 'name'>[]) => [...new Set(all.map(({ name }) => name))].join('; ');

/** The same inside a sentence. */
export const namesInside = (all: readonly Pick<Present, 'name'>[]) =>
  names(all.map(({ name }) => ({ name: inSentence(name) })));
