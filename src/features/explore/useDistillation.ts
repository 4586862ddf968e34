'use client';
import { useCallback, useEffect, useRef, useState } from 'react';
import { runTask } from '@/workers/task';
import type { DistillationAnswer, DistillationQuestion } from '@/core/explore/distillation';

export type DistillationState =
  | { readonly is: 'running'; readonly done: number }
  | { readonly is: 'answered'; readonly answer: DistillationAnswer }
  | { readonly is: 'refused'; readonly why: string }
  | { readonly is: 'cancelled' };

const start = () => new Worker(new URL('@/workers/distillation.worker.ts', import.meta.url), { type: 'module' });

/** Distils in a worker whenever the question changes; the one before is given up. */
export function useDistillation(question: DistillationQuestion): DistillationState & {
  readonly cancel: () => void;
  readonly again: () => void;
} {
  const [state, setState] = useState<DistillationState>({ is: 'running', done: 0 });
  const [round, setRound] = useState(0);
  const running = useRef<AbortController | undefined>(undefined);
  const asked = JSON.stringify(question);
  useEffect(() => {
    const own = new AbortController();
    running.current = own;
    const tell = (next: DistillationState) => void (own.signal.aborted || setState(next));
    runTask<DistillationQuestion, DistillationAnswer>(start, JSON.parse(asked) as DistillationQuestion, {
      onProgress: (done) => tell({ is: 'running', done }),
      signal: own.signal,
    }).then(
      (answer) => tell({ is: 'answered', answer }),
      (error: unknown) => tell({ is: 'refused', why: error instanceof Error ? error.message : String(error) }),
    );
    return () => own.abort();
  }, [asked, round]);
  const cancel = useCallback(() => {
    running.current?.abort();
    setState({ is: 'cancelled' });
  }, []);
  const again = useCallback(() => {
    setState({ is: 'running', done: 0 });
    setRound((now) => now + 1);
  }, []);
  return { ...state, cancel, again };
}
