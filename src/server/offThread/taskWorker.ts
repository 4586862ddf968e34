import { constants, setPriority } from 'node:os';
import { parentPort } from 'node:worker_threads';
import { work } from './tasks';
import type { Asked } from './tasks';

// Of this thread alone: whoever waits for a plain answer comes first.
setPriority(0, constants.priority.PRIORITY_LOW);
parentPort?.on('message', (asked: Asked) => parentPort?.postMessage(work(asked)));
