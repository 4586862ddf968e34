import 'server-only';

/** A connector's message ends with the statement and its values. */
const bare = (text: unknown) => String(text).replace(/\s*\bsql: [\s\S]*$/, '');

/**
 * Takes statements and their values out of a database error, so that no log can tell what people recorded, whoever writes it.
 *
 * @returns the same error
 */
export function withoutSql(error: unknown): unknown {
  const { parent, original } = error as { parent?: unknown; original?: unknown };
  for (const one of new Set([error, parent, original])) {
    if (!(one instanceof Error)) continue;
    const frames = (one.stack ?? '').split('\n').filter((line) => /^\s+at /.test(line));
    const message = bare(one.message);
    const stack = [`${one.name}: ${message}`, ...frames].join('\n');
    Object.assign(one, { message, stack });
    for (const key of ['sql', 'parameters', 'text'])
      if (key in one) delete (one as unknown as Record<string, unknown>)[key];
  }
  return error;
}
