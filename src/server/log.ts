import 'server-only';
import { pino, stdSerializers } from 'pino';
import { config } from './config';

/** What a log may tell of an error: never a statement or its values, in which people's readings and names stand. */
function serialize(error: unknown): object {
  const { type, message, stack, ...rest } = stdSerializers.err(error as Error) as unknown as Record<string, unknown>;
  const original = rest['original'] as { errno?: number; code?: string; sqlMessage?: string } | undefined;
  if (original === undefined) return { type, message, stack };
  return {
    type,
    errno: original.errno,
    code: original.code,
    message: bare(original.sqlMessage ?? ''),
    stack: frames(stack),
  };
}

/** MariaDB quotes values in its messages. */
const bare = (text: string) => text.replace(/'[^']*'/g, "'…'").replace(/\n[\s\S]*/, '');
const frames = (stack: unknown) =>
  String(stack)
    .split('\n')
    .filter((line) => /^\s+at /.test(line))
    .join('\n');

/** Structured log, one line of JSON each, on standard output. */
export const log = pino({ level: config.logLevel, base: { app: 'mozle' }, serializers: { err: serialize } });
