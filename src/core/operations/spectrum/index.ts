import { array, object, string } from 'yup';
import { event } from '../asks';
import { eventAt } from '../onRecord';
import { finding } from '../../finding/finding';
import { idParam, params } from '../params';
import { stageName } from '../stages';
import type { Operation } from '../operation';

export interface SpectrumParams {
  readonly of: string;
  /** Infrared, NMR: in words. */
  readonly method: string;
  readonly bands: readonly { readonly band: string; readonly expected: 'present' | 'absent' }[];
}

export interface Spectrum {
  readonly bands: readonly {
    readonly band: string;
    readonly expected: 'present' | 'absent';
    readonly seen?: boolean;
  }[];
}

/** Bands against what is expected, and against what must be gone: the starting material's. */
export const spectrum: Operation<SpectrumParams, Spectrum> = {
  name: 'spectrum',
  version: 1,
  title: 'Spectrum',
  params: params({
    of: idParam().required(),
    method: string().max(60, 'must be at most 60 characters').required(),
    bands: array(
      object({
        band: string().max(80, 'must be at most 80 characters').required(),
        expected: string().oneOf(['present', 'absent'], 'must be present or absent').required(),
      })
        .noUnknown()
        .required(),
    )
      .min(1, 'must have at least 1 band')
      .max(12, 'must have at most 12 bands')
      .required(),
  }),
  refs: ({ of }) => ({ stages: [of] }),
  actual: (context) => ({
    bands: context.params.bands.map((one, i) => {
      const seen = eventAt(context, `band-${i + 1}-present`);
      const gone = eventAt(context, `band-${i + 1}-absent`);
      return { ...one, ...(seen ? { seen: true } : gone ? { seen: false } : {}) };
    }),
  }),
  sentence: (context) =>
    `${context.params.method} of the ${stageName(context, context.params.of)}: mark what is there and what is gone.`,
  predict: () => undefined,
  asks: ({ bands }, context) =>
    bands.map(({ band, seen }, i) => ({
      ...event(context, `band-${i + 1}-present`, `${band}: is it there?`, 'There'),
      or: [{ name: `band-${i + 1}-absent`, button: 'Not there' }],
      done: seen !== undefined,
    })),
  check: ({ bands }, { step }) => {
    const odd = bands.filter(({ expected, seen }) => seen !== undefined && seen !== (expected === 'present'));
    return odd.length === 0
      ? []
      : [
          finding(
            'spectrum.other',
            'caution',
            { step: step.id, field: 'bands' },
            { bands: odd.map(({ band, expected }) => `${band} (expected ${expected})`).join('; ') },
          ),
        ];
  },
};
