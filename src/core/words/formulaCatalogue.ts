import { operationFormulas } from '../operations/formulas';
import type { FormulaText } from '../quantity/formulaText';

const definition = 'definition of amount of substance, IUPAC Green Book, 3rd ed.';
const stoichiometry = 'extent of reaction, IUPAC Green Book, 3rd ed.';

/** The first symbol less all the others. */
const minus = (symbols: readonly string[]) => symbols.join(' − ');

/** Every formula the product shows a working for. A test evaluates each expression and compares it with its result. */
export const formulaCatalogue = {
  ...operationFormulas,
  molarMass: {
    name: 'Molar mass from the formula',
    result: 'M',
    expression: (symbols: readonly string[]) =>
      symbols
        .filter((symbol) => symbol.startsWith('N_'))
        .map((symbol) => `${symbol}·A_${symbol.slice(2)}`)
        .join(' + '),
    source: 'IUPAC abridged standard atomic weights',
  },
  asTyped: { name: 'As entered', result: 'x', expression: 'x', source: 'the plan' },
  byDifference: {
    name: 'Weighed by difference',
    result: 'm',
    expression: 'm_full − m_empty',
    source: 'two readings in the same configuration',
  },
  asRead: { name: 'As read', result: 'x', expression: 'x', source: 'the record' },
  perPortion: {
    name: 'One portion of what was measured',
    result: 'x',
    expression: 'x_k / k',
    source: 'equal portions',
  },
  amountFromMass: { name: 'Amount from mass', result: 'n', expression: 'm·w / M', source: definition },
  massFromAmount: { name: 'Mass from amount', result: 'm', expression: 'n·M / w', source: definition },
  massFromVolume: { name: 'Mass from volume', result: 'm', expression: 'V·ρ', source: 'definition of density' },
  volumeFromMass: { name: 'Volume from mass', result: 'V', expression: 'm / ρ', source: 'definition of density' },
  amountFromSolution: {
    name: 'Amount from solution',
    result: 'n',
    expression: 'c·V',
    source: 'definition of concentration',
  },
  volumeOfSolution: {
    name: 'Volume of solution',
    result: 'V',
    expression: 'n / c',
    source: 'definition of concentration',
  },
  amountFromEquivalents: {
    name: 'Amount from equivalents',
    result: 'n',
    expression: 'eq·n_ref',
    source: 'equivalents n/n(ref)',
  },
  portionFromEquivalents: {
    name: 'Amount of one portion from equivalents',
    result: 'n',
    expression: 'eq·n_ref / k',
    source: 'equivalents n/n(ref), in k equal portions',
  },
  volumePerMass: { name: 'Volume in proportion to mass', result: 'V', expression: 'r·m', source: 'the preparation' },
  portionsTotal: { name: 'All portions together', result: 'x', expression: 'k·x_1', source: 'the preparation' },
  expectedMass: { name: 'Expected mass', result: 'm', expression: 'm_theo·Y', source: 'expected percent yield' },
  scaled: { name: 'Scaled in proportion', result: 'x', expression: 's·x_0', source: 'proportional scaling' },
  rounded: {
    name: 'Rounded to what the device can measure',
    result: 'x',
    expression: 'round(x_0, d)',
    source: 'nearest multiple of the readable step d, halves up',
  },
  delivered: {
    name: 'Amount that takes part',
    result: 'n',
    expression: 'k·n_b',
    source: 'amount in what the bottle holds',
  },
  summed: {
    name: 'Amount of the reactant',
    result: 'n',
    expression: (symbols: readonly string[]) => symbols.join(' + '),
    source: 'conservation of mass',
  },
  extent: { name: 'Extent that this reactant allows', result: 'ξ', expression: 'n / ν', source: stoichiometry },
  equivalents: {
    name: 'Equivalents',
    result: 'eq',
    expression: 'n / n_ref',
    source: 'n/n(ref), not divided by coefficients',
  },
  equivalentsNormalized: {
    name: 'Equivalents, divided by the coefficients',
    result: 'eq',
    expression: '(n / ν) / (n_ref / ν_ref)',
    source: 'extents n/ν compared',
  },
  excess: { name: 'Stoichiometric excess', result: 'e', expression: 'ξ / ξ_lim − 1', source: stoichiometry },
  margin: {
    name: 'Margin of the limiting reagent',
    result: 'margin',
    expression: 'ξ_2 / ξ_lim − 1',
    source: stoichiometry,
  },
  flip: { name: 'Flip amount', result: 'Δn', expression: '(ξ − ξ_lim)·ν', source: stoichiometry },
  flipDelivered: { name: 'Flip amount in the bottle', result: 'Δn', expression: 'Δn_s / k', source: stoichiometry },
  theoreticalMass: { name: 'Theoretical yield', result: 'm_theo', expression: 'ν_p·ξ_lim·M_p', source: stoichiometry },
  roundingEffect: { name: 'What rounding did', result: 'Δ', expression: 'x / x_0 − 1', source: 'relative change' },
  vesselVolume: {
    name: 'Volume in the vessel',
    result: 'V',
    expression: (symbols: readonly string[]) => symbols.join(' + '),
    source: 'volumes taken as additive (an assumption: mixing may change them by a few per cent)',
  },
  fill: { name: 'How full', result: 'fill', expression: 'V / V_vessel', source: 'definition' },
  factorFromPin: { name: 'Scale factor', result: 's', expression: 'x / x_0', source: 'pinned over as written' },
  factorFromClass: {
    name: 'Scale factor from the class total',
    result: 's',
    expression: 'x / (x_0·N·(1 + f))',
    source: 'pinned over as written, N benches and spare f',
  },
  factorFromProduct: {
    name: 'Scale factor from the product wanted',
    result: 's',
    expression: 'm / (m_theo·Y)',
    source: 'wanted over theoretical yield times expected percent yield',
  },
  factorFromVessel: {
    name: 'Scale factor from the vessel',
    result: 's',
    expression: 'V_vessel·fill / V',
    source: 'wanted filling over filling as written',
  },
  factorTyped: { name: 'Scale factor', result: 's', expression: 's_0', source: 'as entered' },
  totalled: {
    name: 'Running total',
    result: 'V',
    expression: (symbols: readonly string[]) => symbols.join(' + '),
    source: 'the portions as read',
  },
  duration: {
    name: 'Time between two entries',
    result: 't',
    expression: 't_2 − t_1',
    source: 'times of the entries, counted from the first of the step',
  },
  percentYield: {
    name: 'Percent yield',
    result: 'Y',
    expression: 'm / m_theo',
    source: 'definition; a reaction lies between',
  },
  percentRecovery: {
    name: 'Percent recovery',
    result: 'R',
    expression: 'm / m_before',
    source: 'definition; the same substance before and after',
  },
  solubilityBetween: {
    name: 'Solubility at this temperature',
    result: 's',
    expression: 's_1·(s_2/s_1)^((1/(T + T_0) − 1/(T_1 + T_0))/(1/(T_2 + T_0) − 1/(T_1 + T_0)))',
    source: "ln s linear in 1/T between two points (van 't Hoff)",
  },
  solubilityFromOne: {
    name: 'Solubility at this temperature',
    result: 's',
    expression: 's_1·(1 + b)^(T − T_1)',
    source: 'one value is known; its rise per kelvin is an assumption',
  },
  dissolved: { name: 'Kept in solution', result: 'm', expression: 'V·s', source: 'saturated solution' },
  taken: { name: 'Taken as it is', result: 'x', expression: 'x', source: 'an assumption or a prediction, named below' },
  shareLost: { name: 'Share of it', result: 'm', expression: 'm·f', source: 'the share is an assumption' },
  shareForeseen: {
    name: 'Share that goes there',
    result: 'm',
    expression: 'm·q',
    source: 'distribution between the layers, solved with the pH of the water',
  },
  unconverted: {
    name: 'Not converted',
    result: 'm',
    expression: 'm_theo·(1 − X)',
    source: 'conversion X, an assumption',
  },
  content: { name: 'Declared content', result: 'm', expression: 'm·w', source: 'content of the material, as declared' },
  atomEconomy: {
    name: 'Atom economy',
    result: 'AE',
    expression: (symbols: readonly string[]) => {
      const left = symbols.filter((symbol) => /^M_\d/.test(symbol)).map((symbol) => `ν_${symbol.slice(2)}·${symbol}`);
      return `ν_p·M_p / (${left.join(' + ')})`;
    },
    source: 'Trost 1991; from the equation alone',
  },
  eFactor: { name: 'E-factor', result: 'E', expression: '(m_in − m) / m', source: 'Sheldon 1992; water counted' },
  massIntensity: {
    name: 'Process mass intensity',
    result: 'PMI',
    expression: 'm_in / m',
    source: 'mass of everything charged over the product',
  },
  leftOver: { name: 'Left after the losses', result: 'm', expression: minus, source: 'conservation of mass' },
  unexplained: { name: 'Not explained', result: 'm', expression: minus, source: 'conservation of mass' },
  median: {
    name: 'Median of the benches',
    result: 'x_med',
    expression: (symbols: readonly string[]) => `median(${symbols.join('; ')})`,
    source: 'half of the benches lie on each side',
  },
  soluteMass: { name: 'Mass of the solute', result: 'm', expression: 'c·V·M', source: definition },
  stockVolume: {
    name: 'Volume of the stronger solution',
    result: 'V_1',
    expression: 'c·V / c_1',
    source: 'conservation of the dissolved amount',
  },
  gasReleased: {
    name: 'Amount of gas',
    result: 'n',
    expression: 'n_lim / k',
    source: 'the scarcer partner; k of it for one of the gas',
  },
  gasVolume: {
    name: 'Volume of gas',
    result: 'V',
    expression: 'n·V_m',
    source: 'ideal gas, 24 L/mol at 20 °C and 1 atm',
  },
  streamMass: {
    name: 'Mass in the stream',
    result: 'm',
    expression: (symbols: readonly string[]) => symbols.join(' + '),
    source: 'conservation of mass',
  },
  streamVolume: {
    name: 'Volume in the stream',
    result: 'V',
    expression: (symbols: readonly string[]) => symbols.join(' + '),
    source: 'volumes taken as additive (an assumption: mixing may change them by a few per cent)',
  },
  leftUnreacted: {
    name: 'Left unreacted',
    result: 'm',
    expression: (symbols: readonly string[]) => `m_0 − ${symbols.includes('s') ? 's·' : ''}ν·ξ_lim·M`,
    source: stoichiometry,
  },
  projectedYield: {
    name: 'Percent yield, projected',
    result: 'Y',
    expression: 'Y / f',
    source: 'as if all of the earlier stage had been taken on, by proportion',
  },
  amountLeft: { name: 'Amount left unreacted', result: 'n', expression: 'n_0 − s·ν·ξ_lim', source: stoichiometry },
  byProduct: { name: 'Formed beside the product', result: 'm', expression: 'ν·ξ_lim·M', source: stoichiometry },
  followed: {
    name: 'Share of the stage that is there',
    result: 'r',
    expression: 'x / x_0',
    source: 'what was measured of the stage over what the plan takes from it',
  },
  scaledAfter: {
    name: 'Scaled by what there is of the stage',
    result: 'x',
    expression: 'r·x_0',
    source: 'in proportion to what was measured of the stage it follows',
  },
  overallYield: {
    name: 'Overall yield',
    result: 'Y',
    expression: (symbols: readonly string[]) => symbols.join('·'),
    source: 'yields of the reactions on the way, multiplied',
  },
  expectedOfStage: {
    name: 'Expected of the stage',
    result: 'm',
    expression: 'm_most·Y',
    source: 'per cent of what the stage can be at most',
  },
  classTotal: { name: 'For the class', result: 'x', expression: 'x_1·N·(1 + f)', source: 'benches N and spare f' },
} as const satisfies Record<string, FormulaText>;

export type FormulaId = keyof typeof formulaCatalogue;
