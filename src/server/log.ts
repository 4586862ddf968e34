import 'server-only';
import { destination, pino, stdSerializers } from 'pino';
import { config } from './config';
import type { DestinationStream } from 'pino';

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

const mostWaitingBytes = 1_000_000;

/** Where the lines go: no request waits for them, and what cannot be written is let go. Scripts end with their last line written. */
function output(): DestinationStream {
  const to = destination({
    dest: 1,
    sync: !config.isBuilt,
    ...(config.isBuilt ? { maxLength: mostWaitingBytes } : {}),
  });
  to.on('error', () => undefined);
  return to;
}

/** Structured log, one line of JSON each, on standard output. */
export const log = pino({ level: config.logLevel, base: { app: 'mozle' }, serializers: { err: serialize } }, output());
