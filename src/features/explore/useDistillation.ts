'use client';
import { useCallback, useEffect, useRef, useState } from 'react';
import type { DistillationAnswer, DistillationQuestion } from '@/core/explore/distillation';
import type { DistillationMessage } from '@/workers/distillation.worker';

export type DistillationState =
  | { readonly is: 'running'; readonly done: number }
  | { readonly is: 'answered'; readonly answer: DistillationAnswer }
  | { readonly is: 'refused'; readonly why: string }
  | { readonly is: 'cancelled' };

/** Distils in a worker whenever the question changes; the one before is given up. */
export function useDistillation(question: DistillationQuestion): DistillationState & {
  readonly cancel: () => void;
  readonly again: () => void;
} {
  const [state, setState] = useState<DistillationState>({ is: 'running', done: 0 });
  const [round, setRound] = useState(0);
  const worker = useRef<Worker | undefined>(undefined);
  const asked = JSON.stringify(question);
  useEffect(() => {
    const own = new Worker(new URL('@/workers/distillation.worker.ts', import.meta.url), { type: 'module' });
    worker.current = own;
    own.onmessage = ({ data }: MessageEvent<DistillationMessage>) =>
      setState(
        data.is === 'progress'
          ? { is: 'running', done: data.done }
          : data.is === 'answer'
            ? { is: 'answered', answer: data.answer }
            : { is: 'refused', why: data.why },
      );
    own.postMessage(JSON.parse(asked));
    return () => own.terminate();
  }, [asked, round]);
  const cancel = useCallback(() => {
    worker.current?.terminate();
    setState({ is: 'cancelled' });
  }, []);
  const again = useCallback(() => {
    setState({ is: 'running', done: 0 });
    setRound((now) => now + 1);
  }, []);
  return { ...state, cancel, again };
}
