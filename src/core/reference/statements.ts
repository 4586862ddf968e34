import type { PictogramId } from './pictograms';

/**
 * A hazard statement: its words, the signal words and symbols that go with it. Several where the category decides and the
 * statement alone does not tell. Source: UN GHS, annex 3 (statements) and annex 1 (label elements), wording shortened.
 */
export interface HazardStatement {
  readonly says: string;
  readonly signal: readonly ('danger' | 'warning' | 'none')[];
  /** `undefined`: no symbol. */
  readonly pictogram?: PictogramId;
  /** Only some categories of the statement carry the symbol. */
  readonly optional?: true;
  /** The symbol for acute toxicity or irritation gives way to a graver one; see expectedLabel. */
  readonly kind?: 'irritant' | 'skinSensitizer' | 'respiratorySensitizer' | 'corrosive';
}

const danger = ['danger'] as const;
const warning = ['warning'] as const;
const either = ['danger', 'warning'] as const;
const none = ['none'] as const;
const of = (
  says: string,
  signal: HazardStatement['signal'],
  pictogram?: PictogramId,
  kind?: HazardStatement['kind'],
): HazardStatement => ({ says, signal, ...(pictogram ? { pictogram } : {}), ...(kind ? { kind } : {}) });

/** Every hazard statement of the system, EUH ones included, by code without suffix letters. */
export const hazardStatements: Readonly<Record<string, HazardStatement>> = {
  H200: of('unstable explosive', danger, '01'),
  H201: of('explosive: mass explosion hazard', danger, '01'),
  H202: of('explosive: severe projection hazard', danger, '01'),
  H203: of('explosive: fire, blast or projection hazard', danger, '01'),
  H204: of('fire or projection hazard', warning, '01'),
  H205: of('may mass explode in fire', danger),
  H206: of('fire, blast or projection hazard when desensitizing agent is reduced', danger, '02'),
  H207: of('fire, blast or projection hazard when desensitizing agent is reduced', either, '02'),
  H208: of('fire hazard when desensitizing agent is reduced', warning, '02'),
  H220: of('extremely flammable gas', danger, '02'),
  // Category 1B carries the flame, category 2 carries none.
  H221: { says: 'flammable gas', signal: either, pictogram: '02', optional: true },
  H222: of('extremely flammable aerosol', danger, '02'),
  H223: of('flammable aerosol', warning, '02'),
  H224: of('extremely flammable liquid and vapour', danger, '02'),
  H225: of('highly flammable liquid and vapour', danger, '02'),
  H226: of('flammable liquid and vapour', warning, '02'),
  H228: of('flammable solid', either, '02'),
  H229: of('pressurized container: may burst if heated', either),
  H230: of('may react explosively even in the absence of air', none),
  H231: of('may react explosively even in the absence of air at elevated pressure or temperature', none),
  H232: of('may ignite spontaneously if exposed to air', danger, '02'),
  H240: of('heating may cause an explosion', danger, '01'),
  H241: of('heating may cause a fire or explosion', danger, '01'),
  H242: of('heating may cause a fire', either, '02'),
  H250: of('catches fire spontaneously in air', danger, '02'),
  H251: of('self-heating: may catch fire', danger, '02'),
  H252: of('self-heating in large quantities: may catch fire', warning, '02'),
  H260: of('with water gives flammable gases that may ignite spontaneously', danger, '02'),
  H261: of('with water gives flammable gases', either, '02'),
  H270: of('may cause or intensify fire; oxidizer (gas)', danger, '03'),
  H271: of('may cause fire or explosion; strong oxidizer', danger, '03'),
  H272: of('may intensify fire; oxidizer', either, '03'),
  H280: of('gas under pressure; may explode if heated', warning, '04'),
  H281: of('refrigerated gas; may cause cryogenic burns', warning, '04'),
  H290: of('may be corrosive to metals', warning, '05'),
  H300: of('fatal if swallowed', danger, '06'),
  H301: of('toxic if swallowed', danger, '06'),
  H302: of('harmful if swallowed', warning, '07'),
  H303: of('may be harmful if swallowed', warning),
  H304: of('may be fatal if swallowed and enters airways', danger, '08'),
  H305: of('may be harmful if swallowed and enters airways', warning, '08'),
  H310: of('fatal in contact with skin', danger, '06'),
  H311: of('toxic in contact with skin', danger, '06'),
  H312: of('harmful in contact with skin', warning, '07'),
  H313: of('may be harmful in contact with skin', warning),
  H314: of('causes severe skin burns and eye damage', danger, '05', 'corrosive'),
  H315: of('causes skin irritation', warning, '07', 'irritant'),
  H316: of('causes mild skin irritation', warning),
  H317: of('may cause an allergic skin reaction', warning, '07', 'skinSensitizer'),
  H318: of('causes serious eye damage', danger, '05', 'corrosive'),
  H319: of('causes serious eye irritation', warning, '07', 'irritant'),
  H320: of('causes eye irritation', warning),
  H330: of('fatal if inhaled', danger, '06'),
  H331: of('toxic if inhaled', danger, '06'),
  H332: of('harmful if inhaled', warning, '07'),
  H333: of('may be harmful if inhaled', warning),
  H334: of('may cause allergy or asthma symptoms if inhaled', danger, '08', 'respiratorySensitizer'),
  H335: of('may cause respiratory irritation', warning, '07'),
  H336: of('may cause drowsiness or dizziness', warning, '07'),
  H340: of('may cause genetic defects', danger, '08'),
  H341: of('suspected of causing genetic defects', warning, '08'),
  H350: of('may cause cancer', danger, '08'),
  H351: of('suspected of causing cancer', warning, '08'),
  H360: of('may damage fertility or the unborn child', danger, '08'),
  H361: of('suspected of damaging fertility or the unborn child', warning, '08'),
  H362: of('may cause harm to breast-fed children', none),
  H370: of('causes damage to organs', danger, '08'),
  H371: of('may cause damage to organs', warning, '08'),
  H372: of('causes damage to organs through prolonged or repeated exposure', danger, '08'),
  H373: of('may cause damage to organs through prolonged or repeated exposure', warning, '08'),
  H400: of('very toxic to aquatic life', warning, '09'),
  H401: of('toxic to aquatic life', none),
  H402: of('harmful to aquatic life', none),
  H410: of('very toxic to aquatic life with long lasting effects', warning, '09'),
  H411: of('toxic to aquatic life with long lasting effects', none, '09'),
  H412: of('harmful to aquatic life with long lasting effects', none),
  H413: of('may cause long lasting harmful effects to aquatic life', none),
  H420: of('harms public health and the environment by destroying ozone', warning, '07'),
  EUH014: of('reacts violently with water', none),
  EUH018: of('in use may form flammable or explosive vapour–air mixture', none),
  EUH019: of('may form explosive peroxides', none),
  EUH029: of('contact with water liberates toxic gas', none),
  EUH031: of('contact with acids liberates toxic gas', none),
  EUH032: of('contact with acids liberates very toxic gas', none),
  EUH044: of('risk of explosion if heated under confinement', none),
  EUH066: of('repeated exposure may cause skin dryness or cracking', none),
  EUH070: of('toxic by eye contact', none),
  EUH071: of('corrosive to the respiratory tract', none),
};

const suffixes: Readonly<Record<string, readonly string[]>> = {
  H340: ['i'],
  H350: ['i'],
  H360: ['F', 'D', 'FD', 'Fd', 'Df'],
  H361: ['f', 'd', 'fd'],
};
// Only routes of acute toxicity are joined, and the two kinds of irritation.
const joinable = /^H(3[0-3][0-3]|315|319|320)$/;

/**
 * Splits a statement code into its parts: `H301+H311` names two, `H361d` is H361 with a suffix letter.
 *
 * @returns nothing when any part does not exist, or parts that are never joined are joined
 * @example [splitStatement('H301+H311'), splitStatement('H361d'), splitStatement('H999')] // → [['H301', 'H311'], ['H361'], undefined]
 */
export function splitStatement(code: string): readonly string[] | undefined {
  const parts = code.split('+').map((part) => part.trim());
  const bare = parts.map((part) => {
    const [, base, suffix = ''] = /^((?:EU)?H\d{3})([A-Za-z]*)$/.exec(part) ?? [];
    if (base === undefined || !Object.hasOwn(hazardStatements, base)) return undefined;
    return suffix === '' || suffixes[base]?.includes(suffix) ? base : undefined;
  });
  if (bare.some((part) => part === undefined)) return undefined;
  const known = bare as string[];
  return known.length === 1 || known.every((part) => joinable.test(part)) ? known : undefined;
}

/** A statement code in words. */
export function statementText(code: string): string {
  const words = splitStatement(code)?.map((base) => hazardStatements[base]?.says ?? '') ?? [];
  return words.length === 0 ? 'not a hazard statement' : words.join('; ');
}
