import { headWindow } from './headWindow';
import type { StepContext } from './operation';

/** A distillation of one liquid, as far as its window asks. */
function window(torr: string | undefined, stem: 'mercury' | 'probe', groups: Readonly<Record<string, number>> = {}) {
  const context = {
    step: { id: 'distil', device: 'thermometer' },
    bench: {
      doc: {
        devices: [{ id: 'thermometer', stem }],
        substances: [{ id: 'liquid', groups }],
      },
      settings: torr === undefined ? {} : { pressure: { digits: torr, unit: 'torr' } },
    },
  } as unknown as Pick<StepContext, 'step' | 'bench'>;
  return headWindow(context, 'liquid');
}

test('a window moves with the pressure of the room by Young’s rule, and says why', () => {
  const here = window('748', 'probe');
  // 0.00012 · (273.15 + T) a torr.
  expect(here.at(170)).toBeCloseTo(170 - 12 * 0.00012 * 443.15, 0);
  expect(here.because).toBe('at 748\u00a0torr');
  // What holds together by hydrogen bonds moves less.
  expect(window('748', 'probe', { alcohol: 1 }).at(170)).toBeGreaterThan(here.at(170));
  expect(window('772', 'probe').at(170)).toBeGreaterThan(170);
});

test('a thread that stands out is told beside the pressure; at 760 torr with a probe nothing moves', () => {
  const mercury = window('748', 'mercury');
  expect(mercury.at(170)).toBeLessThan(window('748', 'probe').at(170));
  expect(mercury.because).toBe('at 748\u00a0torr, on a mercury thermometer whose thread stands out');
  expect(window(undefined, 'mercury').because).toBe('on a mercury thermometer whose thread stands out');
  for (const calm of [window('760', 'probe'), window(undefined, 'probe')]) {
    expect(calm.at(170)).toBe(170);
    expect(calm.because).toBeUndefined();
  }
});

test('far from sea level no more is claimed than the rule knows', () => {
  expect(window('400', 'probe').at(170)).toBe(window('600', 'probe').at(170));
});
