import { acts } from './acts';
import { heat } from './heat';
import { presence } from './presence';
import type { Scenario } from './scenario';

/**
 * Written before the rules were: what a stern chemist wants to read at the step, and what would only cost the next warning its hearing.
 * Every kind has its controls.
 */
export const scenarios: readonly Scenario[] = [...heat, ...acts, ...presence];
