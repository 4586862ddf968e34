/** One way of answering a question on which practitioners differ. */
export interface School {
  readonly label: string;
}

/** A question on which practitioners differ, the schools, and why one is the default. */
export interface Convention {
  readonly question: string;
  readonly schools: Readonly<Record<string, School>>;
  readonly usual: string;
  readonly why: string;
  /** What the choice changes here. */
  readonly acts?: string;
  /** What it has to wait for before it can change anything: it is not offered, the usual school holds. */
  readonly waits?: string;
}

const of = (
  question: string,
  schools: Readonly<Record<string, string>>,
  usual: string,
  why: string,
  says: { readonly acts: string } | { readonly waits: string },
): Convention => ({
  question,
  schools: Object.fromEntries(Object.entries(schools).map(([id, label]) => [id, { label }])),
  usual,
  why,
  ...says,
});

/** Questions that a course settles once, in the order of the work. */
export const conventions = {
  equivalents: of(
    'Equivalents',
    { amount: 'n/n(ref)', normalized: 'divided by the coefficients' },
    'amount',
    'n/n(ref) is what practitioners write; the stoichiometric excess in % stands beside it, so that both readings are unambiguous.',
    { acts: 'the column of equivalents on the plan' },
  ),
  liquids: of(
    'Measuring liquids',
    { limiting: 'the limiting reagent weighed, the rest by volume', volume: 'all by volume', weighing: 'all weighed' },
    'limiting',
    'The yield rests on the limiting reagent: weighing it is worth the time, a cylinder is good enough for the rest.',
    { acts: 'how the bench is asked to measure where the step does not say' },
  ),
  refluxClock: of(
    'When the reflux clock starts',
    { firstReflux: 'first condensate falls back', heatOn: 'heat on', target: 'target temperature reached' },
    'firstReflux',
    'The first reflux is the only start that measures reaction time.',
    { acts: 'the timer and the time judged at a reflux step' },
  ),
  yieldBasis: of(
    'Basis of the percent yield',
    { actual: 'what was actually charged', planned: 'the planned amount' },
    'actual',
    'The plan is not what reacted.',
    { acts: 'the theoretical yield behind every percent yield of the class' },
  ),
  washScheme: of(
    'How many washes',
    {
      countAndTest: 'fixed count and an end test',
      count: 'fixed count and volume',
      test: 'until gas stops or the pH is neutral',
    },
    'countAndTest',
    'The count makes benches comparable, the test says whether it was enough.',
    { acts: 'whether a wash is tested at its end: asked for, offered, or left' },
  ),
  upperLayer: of(
    'The upper layer',
    { top: 'out of the top', stopcock: 'through the stopcock after the lower' },
    'top',
    'Out of the top keeps the water in the stem out of it.',
    { waits: 'the funnel that is drawn at the bench' },
  ),
  organicLayer: of(
    'The organic layer between washes',
    { stays: 'next wash in the same funnel when it is the upper layer', returned: 'drained and returned' },
    'stays',
    'Each transfer loses some.',
    { waits: 'the funnel that is drawn at the bench' },
  ),
  washes: of(
    'Discarding the washes',
    { end: 'at the end', once: 'at once' },
    'end',
    'Nothing is lost for good while every layer is still there.',
    { waits: 'the funnel that is drawn at the bench' },
  ),
  dryingAgent: of(
    'Drying agent',
    { compatible: 'by compatibility, then speed', MgSO4: 'MgSO₄', Na2SO4: 'Na₂SO₄', CaCl2: 'CaCl₂', K2CO3: 'K₂CO₃' },
    'compatible',
    'An agent that binds the product costs more than a slow one.',
    { acts: 'which drying agent the plan remarks as another than the course’s' },
  ),
  takingOff: of(
    'Taking the liquid off the agent',
    { scale: 'by grain and scale', paper: 'gravity paper', plug: 'cotton plug', decant: 'decant' },
    'scale',
    'A plug below 10 mL, decanting from granules, paper otherwise.',
    { acts: 'how the bench is told to take the liquid off the agent' },
  ),
  recrystallizationSolvent: of(
    'Solvent for recrystallization',
    { portions: 'the least, hot, in portions', ratio: 'a fixed ratio' },
    'portions',
    'Too much solvent is the classic loss; the ratio is shown as the expectation.',
    { acts: 'the sentence of a recrystallization and how its solvent is asked for' },
  ),
  cooling: of(
    'Cooling a solution to crystallize',
    { slowThenIce: 'slowly, then ice', air: 'hanging in air', bench: 'on the bench', insulated: 'insulated, then ice' },
    'slowThenIce',
    'Slow cooling purifies, ice brings the rest; air is enough for small volumes.',
    { acts: 'where the bench is told to let crystals form: cooling that is covered and undisturbed' },
  ),
  boiling: of(
    'Even boiling',
    { either: 'boiling aids or a stir bar', aids: 'boiling aids', stirring: 'a stir bar' },
    'either',
    'Either, never none.',
    { acts: 'the check before a liquid is boiled' },
  ),
  distillationCut: of(
    'The main cut',
    { plateau: 'plateau within a widened window', window: 'the printed window', below: 'all below a temperature' },
    'plateau',
    'Thermometers lag and pressure shifts boiling points; the reason is recorded.',
    { waits: 'the still that is drawn at the bench' },
  ),
  meltingRamp: of(
    'Heating a melting sample',
    { fastThenSlow: 'fast to 15–20 °C below, then slowly', slow: 'one slow ramp' },
    'fastThenSlow',
    'Near the melt only a slow ramp is true; far below it time is wasted.',
    { acts: 'the plan of the melting-range step' },
  ),
  recoveredPurity: of(
    'Purity from a chromatogram',
    { area: 'area %, labelled so', corrected: 'response-corrected' },
    'area',
    'Area % until response factors are known.',
    { acts: 'what is asked of a chromatogram and how its number is called in the results' },
  ),
  odour: of(
    'Smelling',
    { never: 'not at all', waft: 'waft and name' },
    'never',
    'An odour is no test of identity; if it is done, waft.',
    { acts: 'whether smelling is spoken of at tests in tubes' },
  ),
  drySolid: of(
    'When a solid is dry',
    { constantMass: 'constant mass', feel: 'feel and look', pump: 'a fixed time on the pump', overnight: 'overnight' },
    'constantMass',
    'Constant mass where a number depends on it; feel and look come before.',
    { acts: 'what a drying step asks for before it is done' },
  ),
  dryLiquid: of(
    'When a liquid is dry',
    { both: 'grains free and clear', clear: 'goes clear', grains: 'grains move free', fixed: 'fixed dose and time' },
    'both',
    'Clear alone can be an emulsion settled, free grains alone an overdose.',
    { acts: 'the criterion that ends drying over an agent' },
  ),
  neutralizing: of(
    'The end of neutralizing',
    { gasThenPh: 'gas stops, then pH', gas: 'gas stops', indicator: 'indicator or pH', count: 'fixed count' },
    'gasThenPh',
    'Gas can stop because the base has run out of contact; the pH settles it.',
    { acts: 'the end point that neutralizing asks for' },
  ),
  washOrder: of(
    'Order of the washes',
    { impurity: 'by impurity', baseThenAcid: 'base then acid', acidThenBase: 'acid then base' },
    'impurity',
    'What must go decides; washes that react with each other are kept apart, brine comes last.',
    { acts: 'which order of an acid and a basic wash the plan remarks' },
  ),
  rinsing: of(
    'Rinsing agent, flask and cake',
    { small: 'three small rinses', none: 'none' },
    'small',
    'Small and cold, or dry; counted as solvent, with the loss stated.',
    { acts: 'whether the flask is rinsed onto the filter' },
  ),
  layerCheck: of(
    'Which layer is which',
    {
      both: 'density predicts, the drop test decides',
      density: 'density',
      drop: 'drop test',
      expectation: 'expectation',
    },
    'both',
    'Solutes can turn the order round.',
    { waits: 'the funnel that is drawn at the bench' },
  ),
  thermometer: of(
    'Place of the thermometer',
    {
      purpose: 'by purpose, named in the record',
      liquid: 'in the liquid',
      sideArm: 'at the side arm',
      bath: 'in the bath',
    },
    'purpose',
    'A temperature without its place means nothing.',
    { acts: 'where the bulb is, said with each temperature of the pot' },
  ),
  purityClaim: of(
    'Claiming purity',
    {
      strongest: 'strongest evidence present, worded no further',
      range: 'melting or boiling range',
      area: 'area %',
      looks: 'looks',
    },
    'strongest',
    'A test supports a group, a range an identity, a chromatogram a purity.',
    { acts: 'which evidence the sentence of the result speaks of' },
  ),
  halogenated: of(
    'When solvents are halogenated waste',
    {
      one: 'from 1 % carbon–halogen compounds',
      any: 'at any amount',
      tenth: 'from 0.1 %',
      five: 'from 5 %',
    },
    'one',
    'Disposal firms commonly take solvents with less as non-halogenated; yours may not.',
    { acts: 'the bottle into which organic liquids go' },
  ),
  weighingPaper: of(
    'Weighing onto',
    { small: 'vial or watch glass for small masses', paper: 'filter paper', glass: 'watch glass', vial: 'vial' },
    'small',
    'Paper takes up water and holds small masses badly.',
    { acts: 'what a product is weighed on' },
  ),
} as const satisfies Record<string, Convention>;

export type ConventionId = keyof typeof conventions;
export const conventionIds = Object.keys(conventions) as readonly ConventionId[];

/** Choices that depart from the usual school, by question. */
export type Conventions = Readonly<Partial<Record<ConventionId, string>>>;

/** A question without the narrowness of the literal table. */
export const conventionOf = (id: ConventionId): Convention => conventions[id];

/**
 * The school in force for a question.
 *
 * @example schoolOf({ refluxClock: 'heatOn' }, 'refluxClock') // → 'heatOn'
 */
export function schoolOf(chosen: Conventions | undefined, id: ConventionId): string {
  return chosen?.[id] ?? conventions[id].usual;
}
