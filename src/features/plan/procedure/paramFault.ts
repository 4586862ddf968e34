import { findOperation } from '@/core/operations/registry';
import type { Step } from '@/core/document/steps';

/** Why an operation refuses parameters, in words; nothing when it takes them. */
export function paramFault({ op }: Pick<Step, 'op'>, params: Step['params']): string | undefined {
  try {
    findOperation(op)?.params.validateSync(params);
    return undefined;
  } catch (error) {
    return error instanceof Error ? `It ${error.message}.` : 'Not accepted.';
  }
}
