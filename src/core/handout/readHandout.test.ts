import { handoutJson } from './handoutJson';
import { lexicon } from '../../../tests/support/library';
import { readHandout } from './readHandout';

/** Amounts of a text in one line each, with a mark on what is to be confirmed. */
const amountsOf = (text: string) =>
  handoutJson(readHandout(text, lexicon)).flatMap(({ amounts, confirm }) =>
    amounts.map(({ value, unit, times, substance = '?', start, end }) => {
      const doubt = confirm.some((one) => one.start < end && one.end > start) ? ' (?)' : '';
      return `${times ? `${String(times)} × ` : ''}${String(value)} ${unit} ${substance}${doubt}`;
    }),
  );
const operationsOf = (text: string) =>
  readHandout(text, lexicon).clauses.flatMap(({ operation }) => (operation ? [operation] : []));
const itemsOf = (text: string) => handoutJson(readHandout(text, lexicon));

describe('amounts in the words of the bench', () => {
  it.each<[text: string, ...amounts: string[]]>([
    ['Wash with water (2 × 10 mL).', '2 × 10 mL Water'],
    ['Wash with three 5 mL portions of ether.', '3 × 5 mL Diethyl ether'],
    ['Extract with 2 portions of 15 cm³ of toluene.', '2 × 15 mL Toluene'],
    ['Extract twice with 10 mL of hexane.', '2 × 10 mL Hexane'],
    ['Extract with ether (20 cc). Repeat twice.', '3 × 20 mL Diethyl ether'],
    ['Wash with water and brine (10 mL each).', '10 mL Water', '10 mL Brine, saturated sodium chloride'],
    ['Add benzoic acid (0.755 g, 5.00 mmol).', '0.755 g Benzoic acid', '5 mmol Benzoic acid'],
    ['Add 95 mg, 0.5 equiv, of sodium borohydride.', '95 mg Sodium borohydride', '0.5 equiv Sodium borohydride'],
    ['Add 1.80 g (12.5 mmol) 2-naphthol.', '1.8 g 2-Naphthol', '12.5 mmol 2-Naphthol'],
    ['Add four drops of pyridine.', '4 drops Pyridine'],
    ['Weigh 1½ g of urea.', '1.5 g Urea'],
    ['Add 2,5 g of urea.', '2.5 g Urea'],
    ['Add 1,000 mL of water.', '1000 mL Water (?)'],
    ['Add about 5 mL of water.', '5 mL Water (?)'],
    ['Add 5–6 mL of water.', '5 mL Water (?)'],
    ['Acidify with 3 M HCl to pH 2 (ca. 3 mL).', '3 mL Hydrochloric acid, 3 M (?)'],
    ['If no solid has formed, add another 5 mL of water.', '5 mL Water (?)'],
    ['Recrystallize from ethanol, about 30 mL per g.', '30 mL/g Ethanol (?)'],
    ['Recrystallize from 5 vol of ethanol.', '5 vol Ethanol (?)'],
    ['Add 10 mL of glacial ethanoic acid.', '10 mL Acetic acid, glacial'],
    ['Wash with saturated sodium hydrogencarbonate (10 ml).', '10 mL Sodium bicarbonate solution, saturated'],
    ['Add sodium thiosulphate (1 g).', '1 g Sodium thiosulfate pentahydrate'],
    ['Add 5 mL of 6 M NaOH.', '5 mL Sodium hydroxide, 6 M'],
    ['Add 2 g of aniline hydrochloride.', '2 g Anilinium chloride'],
    ['Add 3 mL of phosporic acid.', '3 mL Phosphoric acid (?)'],
    ['Extract with petroleum ether 40–60 °C (3 × 15 mL).', '3 × 15 mL Petroleum ether 40–60 °C'],
    ['Add 2.0 g of 4-nitrobenzylamine to water (5 mL).', '2 g 4-nitrobenzylamine (?)', '5 mL Water'],
    [
      'Heat 2.0 g (0.0145 mol) urea and 3.0 mL (3.2 g, 0.031 mol) acetic anhydride.',
      '2 g Urea',
      '0.0145 mol Urea',
      '3 mL Acetic anhydride',
      '3.2 g Acetic anhydride',
      '0.031 mol Acetic anhydride',
    ],
    [
      'Wash the ether layer twice with water (25 mL), once with brine (10 mL).',
      '2 × 25 mL Water',
      '10 mL Brine, saturated sodium chloride',
    ],
    [
      'Mix 5 g of p-nitrobenzyl alcohol (32.7 mmol).',
      '5 g p-nitrobenzyl alcohol (?)',
      '32.7 mmol p-nitrobenzyl alcohol (?)',
    ],
    ['Saturate the liquid with salt (12 g).', '12 g Sodium chloride'],
    ['Benzil (2.1 g), urea (1.0 g) and ethanol (30 mL) were mixed.', '2.1 g Benzil', '1 g Urea', '30 mL Ethanol'],
  ])('%s', (text, ...amounts) => {
    expect(amountsOf(text)).toEqual(amounts);
  });

  it.each([
    ['a vessel', 'Cool the 100 mL round-bottomed flask.'],
    ['a volume at the end', 'Make up to 50 mL.'],
    ['a volume at the end', 'Boil down to 10 mL.'],
    ['a yield', 'Yield 2.3 g (75 %).'],
    ['a rate', 'Distil so that one drop falls every 2 seconds.'],
  ])('does not charge %s: %s', (_what, text) => {
    expect(amountsOf(text)).toEqual([]);
  });
});

describe('temperatures and times', () => {
  it.each([
    ['Keep it below 10 °C.', [[null, 10]]],
    ['Hold at 60–65 °C.', [[60, 65]]],
    ['Cool to −5 °C.', [[-5, -5]]],
    ['Collect the fraction bp 124–127.', [[124, 127]]],
    [
      'Heat in a bath at 140 °C so that the liquid reads 120 to 125 °C.',
      [
        [140, 140],
        [120, 125],
      ],
    ],
    ['Wash with petroleum ether (bp 40–60 °C).', []],
  ])('%s', (text, temperatures) => {
    expect(itemsOf(text).flatMap(({ temperatures_C }) => temperatures_C)).toEqual(temperatures);
  });

  it.each([
    ['Stir for a further 30 min.', [30]],
    ['Stir for 1 h 30 min.', [90]],
    ['Reflux for half an hour.', [30]],
    ['Stir for 10–15 minutes.', [10, 15]],
    ['Leave it for 2 days.', [2880]],
  ])('%s', (text, minutes) => {
    expect(itemsOf(text).flatMap((one) => one.minutes)).toEqual(minutes);
  });

  it('tells a bath from the liquid, and a literature value from a window', () => {
    const { clauses } = readHandout('Heat in an oil bath at 140 °C. Mp 113–115 °C (lit. 114 °C).', lexicon);
    const quantities = clauses.flatMap((one) => one.quantities);
    expect(quantities.map(({ kind, where }) => [kind, where])).toEqual([
      ['temperature', 'bath'],
      ['literature', undefined],
      ['literature', undefined],
    ]);
  });
});

describe('what is done', () => {
  it.each<[text: string, ...operations: string[]]>([
    ['Suck off the crystals.', 'vacuumFiltration'],
    ['Boil under reflux for 20 min.', 'reflux'],
    ['Collect the fraction boiling at 120–125 °C.', 'distillation'],
    ['Allow to stand overnight.', 'stand'],
    ['The mixture was cooled, filtered with suction and washed with water.', 'cooling', 'vacuumFiltration', 'cakeWash'],
    ['Dry the organic layer over magnesium sulphate.', 'dryingLiquid'],
    ['Dry the crystals in air.', 'drying'],
    ['Dry ether (10 mL) is added.', 'charge'],
    ['The dried extract is evaporated.', 'stripping'],
    ['Record the mass and the melting point.', 'weighing', 'meltingRange'],
    ['Never distil to dryness.'],
    ['Sublime the residue.', 'sublimation'],
    ['The extracts are colourless.'],
    ['Boil the solution down to about 20 mL.', 'boilingDown'],
    ['The layers were separated.', 'parting'],
    ['Extract with 20 mL of ether. Separate the layers.', 'extraction'],
    ['Transfer the solution to a clean beaker.', 'pouring'],
    ['Resuspend the solid in 10 mL of cold water.', 'resuspending'],
    ['Precipitate the product by adding 20 mL of hexane.', 'antisolvent'],
    ['Run a TLC of the product in ethyl acetate.', 'thinLayer'],
  ])('%s', (text, ...operations) => {
    expect(operationsOf(text)).toEqual(operations);
  });

  it('says where no operation fits, and keeps the words', () => {
    const [clause] = readHandout('Sonicate the residue at 40 °C.', lexicon).clauses;
    expect(clause).toMatchObject({ without: 'sonicate', start: 0, end: 30 });
  });
});

it('puts what stands beside the procedure in its own place', () => {
  const { clauses } = readHandout(
    'Making it\n\nApparatus\n100 mL flask, condenser\n\nProcedure\nReflux for 5 min.\nYield 2 g.\n\nSafety\nWear gloves.',
    lexicon,
  );
  expect(clauses.map(({ section }) => section)).toEqual([
    'heading',
    'heading',
    'equipment',
    'heading',
    'procedure',
    'expected',
    'heading',
    'safety',
  ]);
});

it('asks for what is said without a number', () => {
  const [item] = itemsOf('Add a few drops of pyridine and leave overnight.');
  expect(item?.confirm.map(({ text }) => text)).toContain('a few drops');
});
