import type { Level } from '@/core/library/stored';

/** Levels in words. */
export const levelWords: Readonly<Record<Level, string>> = {
  beginners: 'for beginners',
  advanced: 'advanced',
  project: 'project work',
};
