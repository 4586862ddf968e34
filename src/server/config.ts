import 'server-only';

/** The only place that reads the environment. */
export const config = {
  get databaseUrl() {
    return process.env['DATABASE_URL'] ?? '';
  },
  /** Connections of one process. */
  get poolSize() {
    return Number(process.env['DATABASE_POOL'] ?? 8);
  },
  /** Address under which people open the app; decides whether cookies need TLS. */
  get publicUrl() {
    return process.env['PUBLIC_URL'] ?? '';
  },
  /** Whether the demo scenario and its one-tap sign-ins are there. */
  get demo() {
    return process.env['MOZLE_DEMO'] === '1';
  },
  get logLevel() {
    return process.env['LOG_LEVEL'] ?? 'info';
  },
};
