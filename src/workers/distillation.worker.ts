import { exploreDistillation } from '@/core/explore/distillation';
import type { DistillationAnswer, DistillationQuestion } from '@/core/explore/distillation';

/** What the worker says: how far it is, then the answer, or why there is none. */
export type DistillationMessage =
  | { readonly is: 'progress'; readonly done: number }
  | { readonly is: 'answer'; readonly answer: DistillationAnswer }
  | { readonly is: 'refused'; readonly why: string };

const scope = self as unknown as {
  onmessage: (event: MessageEvent<DistillationQuestion>) => void;
  postMessage: (message: DistillationMessage) => void;
};

scope.onmessage = ({ data }) => {
  let told = 0;
  try {
    const answer = exploreDistillation(data, (done) => {
      // A hundred messages are enough for a bar.
      if (done - told < 0.01) return;
      told = done;
      scope.postMessage({ is: 'progress', done });
    });
    scope.postMessage({ is: 'answer', answer });
  } catch (error) {
    scope.postMessage({ is: 'refused', why: error instanceof Error ? error.message : String(error) });
  }
};
