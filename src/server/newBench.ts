import 'server-only';
import { randomInt } from 'node:crypto';
import { ulid } from 'ulid';
import { insert } from './tables';
import { sealHead } from './seals';
import { chainStart } from '@/core/record/chain';
import type { Transaction } from 'sequelize';

/** A code of letters drawn at random. */
export function draw(from: string, length: number): string {
  return Array.from({ length }, () => from.charAt(randomInt(from.length))).join('');
}

/** A bench's PIN. Six digits: with eight tries in ten minutes a stranger needs years. */
export const drawPin = (): string => draw('0123456789', 6);

/** An empty log of a bench, or of the class itself. */
export function insertLog(classId: string, bench_id: string | null, transaction: Transaction): Promise<void> {
  const kind = bench_id === null ? 'class' : 'bench';
  const id = ulid();
  const head = { head_seq: 0, head_chain: chainStart, ...sealHead(id, 0, chainStart) };
  return insert('logs', { id, class_id: classId, bench_id, kind, ...head }, transaction);
}
