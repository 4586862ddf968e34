import { acetanilideRun, slowMelt } from './acetanilideRun';
import type { Setting } from '@/core/record/entry';
import type { DemoStep } from './demoSteps';

/** Minutes that the demo class has been at work when it is loaded. */
export const demoMinutes = 290;

/** What the demonstrator entered for the class. */
export const demoSettings: readonly Setting[] = [
  { k: 'setting', name: 'roomTemperature', digits: '21', unit: '°C' },
  { k: 'setting', name: 'pressure', digits: '1004', unit: 'hPa' },
];

/** A bench of the demo: when it began, minutes after the class, and what it recorded. */
export interface DemoBench {
  readonly late: number;
  readonly steps: readonly DemoStep[];
}

/** Acetanilide at eight benches: clean ones, unfinished ones, and ones that carry a mistake. */
export const demoRecord: Readonly<Record<string, DemoBench>> = {
  // Avocet has not begun: the bench to try things at.
  Avocet: { late: 0, steps: [] },
  Curlew: { late: 0, steps: acetanilideRun() },
  // Planned taken for actual: 2.29 g aniline, the anhydride as the plan had it, and the yield on the plan's theory.
  Dunlin: {
    late: 3,
    steps: acetanilideRun({
      aniline: ['24.31', '22.02'],
      crude: ['3.06', '2.94', '2.91', '2.91'],
      crudeMelt: [slowMelt(92, '107.1', '110.8')],
      pureMelt: [slowMelt(95, '113.5', '114.9')],
      massIn: '2.89',
      portions: ['40.0', '22.0'],
      atCooling: '60.0',
      pure: ['2.49', '2.45', '2.45'],
      vial: ['14.40', '16.85'],
      typed: '82.6',
    }),
  },
  // At reflux when the demo is loaded.
  Godwit: { late: demoMinutes - 28, steps: acetanilideRun({ aniline: ['23.87', '21.85'], until: 23 }) },
  // The wet crude product was taken for the yield at first.
  Knot: {
    late: 2,
    steps: acetanilideRun({
      aniline: ['24.02', '21.98'],
      crude: ['3.52', '2.84', '2.63', '2.58', '2.58'],
      pure: ['2.16', '2.11', '2.11'],
      vial: ['14.35', '16.46'],
      crudeMelt: [slowMelt(93, '109.0', '111.9')],
      pureMelt: [slowMelt(95, '113.0', '114.5')],
      typed: '71.3',
    }),
  },
  // Two and a half times the water; the second crop went into the first.
  Plover: {
    late: 0,
    steps: acetanilideRun({
      aniline: ['24.15', '22.11'],
      crude: ['2.74', '2.63', '2.60', '2.60'],
      crudeMelt: [slowMelt(90, '106.4', '110.9')],
      pureMelt: [slowMelt(96, '113.6', '114.8')],
      massIn: '2.58',
      portions: ['60.0', '50.0', '40.0'],
      atCooling: '150.0',
      pure: ['1.93', '1.88', '1.88'],
      vial: ['14.28', '16.16'],
      secondCrop: { volume: '45.0', net: '0.31', onset: '111.0', clear: '113.5' },
      typed: '63.5',
    }),
  },
  // Drying the crude product: the first weighing is more than can form.
  Sanderling: {
    late: demoMinutes - 92,
    steps: acetanilideRun({ aniline: ['23.99', '21.96'], crude: ['3.41'], signed: false, until: 88 }),
  },
  // The ramp too fast, then once more and slowly.
  Turnstone: {
    late: 1,
    steps: acetanilideRun({
      aniline: ['24.08', '22.02'],
      crude: ['2.66', '2.57', '2.55', '2.55'],
      crudeMelt: [slowMelt(92, '108.0', '111.2')],
      massIn: '2.53',
      pure: ['2.14', '2.09', '2.09'],
      vial: ['14.37', '16.46'],
      pureMelt: [
        { at: [0, 1.25, 2.8, 3.1], read: ['94.0', '104.0', '116.5', '119.0'] },
        slowMelt(94, '113.2', '114.6', 1.5),
      ],
      typed: '69.9',
    }),
  },
};
