import 'server-only';

/** The only place that reads the environment. */
export const config = {
  databaseUrl: process.env['DATABASE_URL'] ?? '',
  /** Address under which people open the app; decides whether cookies need TLS. */
  publicUrl: process.env['PUBLIC_URL'] ?? '',
  demo: process.env['MOZLE_DEMO'] === '1',
  logLevel: process.env['LOG_LEVEL'] ?? 'info',
  poolSize: Number(process.env['DATABASE_POOL'] ?? 8),
} as const;
