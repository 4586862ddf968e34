import { formatVersion } from './document';
import type { Preparation } from './document';

/** A preparation with nothing in it yet. */
export const blankPreparation = (title: string): Preparation => ({
  format: 'mozle-preparation',
  formatVersion,
  title,
  summary: '',
  protection: '',
  substances: [],
  reactions: [],
  lines: [],
  vessels: [],
  devices: [],
  stages: [],
  steps: [],
  pin: { at: 'factor', digits: '1' },
  benches: 8,
  spare_percent: 10,
});
