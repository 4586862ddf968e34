import 'server-only';
import { config } from './config';

/** Name of a cookie; over TLS one that only this host can set. */
export const cookieName = (name: string): string => (config.isSecure ? `__Host-${name}` : name);

/** How a cookie is set: out of reach of scripts and of other sites' requests. */
export const cookie = (maxAge: number) =>
  ({ httpOnly: true, sameSite: 'lax', secure: config.isSecure, path: '/', maxAge }) as const;
