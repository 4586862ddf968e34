import { setPriority } from 'node:os';
import { parentPort } from 'node:worker_threads';
import { work } from './tasks';
import type { Asked } from './tasks';

// Of this thread alone: whoever waits for a plain answer comes first, but this one does not starve either.
const niceness = 5;
setPriority(0, niceness);
parentPort?.on('message', (asked: Asked) => parentPort?.postMessage(work(asked)));
