import fc from 'fast-check';
import { acetanilide } from '../../../tests/support/preparations';
import { changeVessel } from '../editing/edit';
import { computePlan } from './plan';
import { fillLimits } from './vesselSizing';
import { vesselKinds } from '../document/document';

const scaled = (factor: string) => computePlan({ ...acetanilide(), pin: { at: 'factor', digits: factor } });

test('the suggested size holds the volume within the usual limit, and the next smaller one would not', () => {
  const sizes = [5, 10, 25, 50, 100, 125, 250, 500, 1000, 2000, 5000];
  fc.assert(
    fc.property(fc.integer({ min: 3, max: 400 }), fc.constantFrom(...vesselKinds), (tenths, kind) => {
      const doc = {
        ...changeVessel(acetanilide(), 'flask', { kind }),
        pin: { at: 'factor', digits: String(tenths / 10) } as const,
      };
      const [flask] = computePlan(doc).vessels;
      const volume = flask?.volume?.q.value ?? NaN;
      const size = flask?.suggestion_mL ?? NaN;
      expect(volume / size).toBeLessThanOrEqual(fillLimits[kind].most + 1e-12);
      const smaller = sizes[sizes.indexOf(size) - 1];
      if (smaller !== undefined) expect(volume / smaller).toBeGreaterThan(fillLimits[kind].most);
    }),
  );
});

// Within what the devices round.
test('volume and fill grow in proportion with the scale', () => {
  const [once, twice] = [scaled('1'), scaled('2')];
  for (const [i, { volume, fill }] of once.vessels.entries()) {
    expect((twice.vessels[i]?.volume?.q.value ?? NaN) / (volume?.q.value ?? NaN)).toBeCloseTo(2, 1);
    expect((twice.vessels[i]?.fill?.q.value ?? NaN) / (fill?.q.value ?? NaN)).toBeCloseTo(2, 1);
  }
});

test('a solid without a density is named, not counted as nothing in silence', () => {
  expect(scaled('1').vessels.find(({ vessel }) => vessel.id === 'conical')?.unknown).toEqual(['Charcoal, activated']);
});
