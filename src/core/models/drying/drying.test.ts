import { agentNeed } from './agentNeed';
import { doubtfulDifference, layerOrder } from '../density/layerOrder';
import { hydrateCapacity } from './hydrateCapacity';
import { mixtureDensity } from '../density/mixtureDensity';

test.each([
  ['MgSO₄ to the heptahydrate', 120.36, 7, 1.05],
  ['Na₂SO₄ to the decahydrate', 142.04, 10, 1.27],
  ['K₂CO₃ to the sesquihydrate', 138.205, 1.5, 0.2],
  ['CaSO₄ to the hemihydrate', 136.14, 0.5, 0.066],
])('capacity of %s', (_, M, waters, capacity) => {
  expect(Math.abs(hydrateCapacity(M, waters) - capacity)).toBeLessThan(0.006);
});

test('60 mL of water-saturated TBME hold two thirds of a gram of water, three grams of magnesium sulfate to begin with', () => {
  const { water_g, agent_g } = agentNeed({ volume_mL: 60, density: 0.74, waterContent: 0.015, capacity: 1.05 });
  expect(water_g).toBeCloseTo(0.666, 3);
  expect(agent_g).toBeCloseTo(0.666 / 0.21, 9);
  expect(() => agentNeed({ volume_mL: 60, density: 0.74, waterContent: 1.5, capacity: 1 })).toThrow('waterContent');
});

test('layers: ether over water, a dense solvent below, brine against chlorinated solvents in doubt', () => {
  expect(layerOrder(0.74, 1)).toMatchObject({ upper: 'organic', doubtful: false });
  expect(layerOrder(1.33, 1)).toMatchObject({ upper: 'aqueous', doubtful: false });
  expect(layerOrder(1.25, 1.2).difference).toBeCloseTo(doubtfulDifference, 9);
  expect(layerOrder(1.24, 1.2).doubtful).toBe(true);
});

test('a mixture of one liquid has its density', () => {
  expect(
    mixtureDensity([
      { mass_g: 3, density: 0.74 },
      { mass_g: 5, density: 0.74 },
    ]),
  ).toBeCloseTo(0.74, 12);
  expect(() => mixtureDensity([])).toThrow('at least one part');
});
