import { parentPort } from 'node:worker_threads';
import { work } from './tasks';
import type { Asked } from './tasks';

parentPort?.on('message', (asked: Asked) => parentPort?.postMessage(work(asked)));
