import type { LearnerLevel } from '@/core/library/stored';

/** Levels in words. */
export const levelWords: Readonly<Record<LearnerLevel, string>> = {
  beginners: 'for beginners',
  advanced: 'advanced',
  project: 'project work',
};
