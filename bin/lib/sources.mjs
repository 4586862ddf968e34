import { register } from 'tsx/esm/api';

// What the app and the commands share is TypeScript of the app; the loader is needed for these files alone.
const unregister = register();
export const { settings, settingOf, settingFaults, isLoopback, hostOf } = await import('../../src/server/settings.ts');
export const { readKeys, rotateKeys, sealText, sealFault } = await import('../../src/server/keyFile.ts');
export const { readAnchors, anchorsOf, addAnchor, takeAnchors, anchorFault } =
  await import('../../src/server/anchorFile.ts');
export const { dumpJudge } = await import('../../src/server/dumpLines.ts');
await unregister();
