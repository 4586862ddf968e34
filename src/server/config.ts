import 'server-only';
import { resolve } from 'node:path';
import { settingOf } from './settings';

/** Settings with their types. Asked each time: tests set them before they begin. */
export const config = {
  get databaseUrl() {
    return settingOf('DATABASE_URL');
  },
  get poolSize() {
    return Number(settingOf('DATABASE_POOL'));
  },
  get publicUrl() {
    return settingOf('PUBLIC_URL');
  },
  /** Whether people reach the app by TLS: cookies are bound to it. */
  get isSecure() {
    return settingOf('PUBLIC_URL').startsWith('https:');
  },
  get demo() {
    return settingOf('MOZLE_DEMO') === '1';
  },
  /** Whether this is the built app, which brings files for its threads. */
  get isBuilt() {
    return process.env['NEXT_RUNTIME'] === 'nodejs';
  },
  get logLevel() {
    return settingOf('LOG_LEVEL');
  },
  /** Folder of what lies outside the database: keys, anchors. Absolute. */
  get dataFolder() {
    return resolve(settingOf('MOZLE_DATA'));
  },
  get chromium() {
    return settingOf('CHROMIUM');
  },
  /** Address under which this process reaches itself. */
  get ownAddress() {
    const host = settingOf('HOST');
    const own = host === '0.0.0.0' || host === '::' ? '127.0.0.1' : host;
    return `http://${own.includes(':') ? `[${own}]` : own}:${settingOf('PORT')}`;
  },
  get freeSpaceMb() {
    return Number(settingOf('FREE_SPACE_MB'));
  },
  get classFilesBytes() {
    return Number(settingOf('CLASS_FILES_MB')) * 1e6;
  },
};
