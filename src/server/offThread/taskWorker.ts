import { setPriority } from 'node:os';
import { parentPort } from 'node:worker_threads';
import { work } from './tasks';
import type { Asked } from './tasks';

// Of this thread alone: whoever waits for a plain answer comes first, but this one does not starve either.
const niceness = 5;
setPriority(0, niceness);
// It does one piece of work at a time.
process.env['DATABASE_POOL'] = '1';
parentPort?.on('message', (asked: Asked) => void work(asked).then((answered) => parentPort?.postMessage(answered)));
