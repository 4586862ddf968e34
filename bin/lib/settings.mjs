import { register } from 'tsx/esm/api';

// The list of settings belongs to the app and is TypeScript; the loader is needed for this one file.
const unregister = register();
export const { settingOf, settingFaults, isLoopback, hostOf } = await import('../../src/server/settings.ts');
await unregister();
