import 'server-only';

/** A file to be saved by the browser, named after what it holds. */
export function attachment(
  content: string | Uint8Array<ArrayBuffer>,
  type: string,
  title: string,
  ending: string,
): Response {
  const name = `${title.replace(/[^\w-]+/g, '-').slice(0, 60) || 'mozle'}${ending}`;
  const coded = typeof content === 'string' ? `${type}; charset=utf-8` : type;
  return new Response(content, {
    headers: { 'Content-Type': coded, 'Content-Disposition': `attachment; filename="${name}"` },
  });
}

/** An answer that is JSON already. */
export const jsonText = (text: string): Response =>
  new Response(text, { headers: { 'Content-Type': 'application/json' } });
