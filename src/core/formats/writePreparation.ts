import type { Preparation } from '../document/document';

/**
 * Text of a preparation's file. Reading it back gives the same document, and writing that the same text.
 *
 * @param doc a document that the schema accepts
 */
export function writePreparation(doc: Preparation): string {
  return `${JSON.stringify(doc, null, 2)}\n`;
}
