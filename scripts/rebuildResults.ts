import { database } from '@/server/database';
import { rebuildProjections } from '@/server/projections';

// Folds every record anew and keeps what it comes to; tells where that differs from what was kept.
try {
  const found = await rebuildProjections();
  for (const { name, benches, changed } of found)
    console.log(
      `${name}: ${benches} ${benches === 1 ? 'bench' : 'benches'}${changed > 0 ? `, ${changed} changed` : ''}`,
    );
  console.log(`${found.length} classes rebuilt`);
} catch (error) {
  console.error((error as Error).message);
  process.exitCode = 1;
}
await database().close();
