import 'server-only';
import { pino } from 'pino';
import { config } from './config';

/** Structured log, one line of JSON each, on standard output. */
export const log = pino({ level: config.logLevel, base: { app: 'mozle' } });
