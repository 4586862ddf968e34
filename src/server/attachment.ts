import 'server-only';

/** A file to be saved by the browser, named after what it holds. */
export function attachment(text: string, type: string, title: string, ending: string): Response {
  const name = `${title.replace(/[^\w-]+/g, '-').slice(0, 60) || 'mozle'}${ending}`;
  return new Response(text, {
    headers: { 'Content-Type': `${type}; charset=utf-8`, 'Content-Disposition': `attachment; filename="${name}"` },
  });
}
