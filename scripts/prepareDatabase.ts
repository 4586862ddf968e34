import { config } from '@/server/config';
import { database } from '@/server/database';
import { loadDemo } from '@/server/loadDemo';
import { migrate } from '@/server/migrate';

// Brings the database up to date and, with MOZLE_DEMO=1, loads the demo scenario once. A failure is one line for the operator.
try {
  const steps = await migrate(config.databaseUrl);
  if (steps.length > 0) console.log(`database: ${steps.length} steps of the schema applied`);
  if (config.demo && (await loadDemo())) console.log('database: demo scenario loaded');
  await database().close();
} catch (error) {
  const { message, original } = error as { message: string; original?: { sqlMessage?: string } };
  console.log(`problem: ${original?.sqlMessage ?? message}`);
  process.exit(1);
}
