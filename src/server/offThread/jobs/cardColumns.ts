import 'server-only';
import { cardOf, searchWords } from '@/core/library/card';
import type { Preparation } from '@/core/document/document';

/** What is kept of a document beside it, for lists. */
export interface CardColumns {
  readonly title: string;
  readonly summary: string;
  readonly card: string;
  readonly words: string;
  readonly minutes: number;
}

/** The columns of a document. */
export function cardColumns(doc: Preparation): CardColumns {
  const card = cardOf(doc);
  return {
    title: doc.title,
    summary: doc.summary,
    card: JSON.stringify(card),
    words: searchWords(doc.title, card),
    minutes: card.minutes,
  };
}
