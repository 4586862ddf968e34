import { splitStatement } from '../reference/statements';

/** Precautionary statements that a teaching lab can act on. Source: UN GHS, annex 3, section 2; wording shortened. */
export const precautions: Readonly<Record<string, string>> = {
  P201: 'obtain special instructions before use',
  P210: 'keep away from heat, sparks, open flames and hot surfaces; no smoking',
  P220: 'keep away from clothing and other combustible materials',
  P223: 'do not allow contact with water',
  P231: 'handle under inert gas',
  P232: 'protect from moisture',
  P233: 'keep container tightly closed',
  P235: 'keep cool',
  P240: 'ground and bond container and receiving equipment',
  P260: 'do not breathe dust, fume, gas, mist, vapours or spray',
  P261: 'avoid breathing dust, fume, gas, mist, vapours or spray',
  P262: 'do not get in eyes, on skin, or on clothing',
  P263: 'avoid contact during pregnancy and while nursing',
  P264: 'wash hands thoroughly after handling',
  P270: 'do not eat, drink or smoke when using this product',
  P271: 'use only outdoors or in a well-ventilated area',
  P272: 'contaminated work clothing stays in the workplace',
  P273: 'avoid release to the environment',
  P280: 'wear protective gloves, protective clothing, eye protection, face protection',
  P284: 'in case of inadequate ventilation wear respiratory protection',
  'P301+P310': 'if swallowed: immediately call a poison centre or doctor',
  'P301+P312': 'if swallowed: call a poison centre or doctor if you feel unwell',
  'P301+P330+P331': 'if swallowed: rinse mouth; do not induce vomiting',
  'P302+P352': 'if on skin: wash with plenty of water',
  'P303+P361+P353': 'if on skin or hair: take off all contaminated clothing at once, rinse skin with water',
  'P304+P340': 'if inhaled: remove person to fresh air and keep comfortable for breathing',
  'P305+P351+P338':
    'if in eyes: rinse cautiously with water for several minutes; remove contact lenses; continue rinsing',
  'P308+P313': 'if exposed or concerned: get medical advice',
  P310: 'immediately call a poison centre or doctor',
  P330: 'rinse mouth',
  P331: 'do not induce vomiting',
  'P333+P313': 'if skin irritation or rash occurs: get medical advice',
  'P335+P334': 'brush off loose particles from skin; immerse in cool water',
  'P342+P311': 'if experiencing respiratory symptoms: call a poison centre or doctor',
  P370: 'in case of fire: use a suitable extinguisher, for metals and hydrides dry sand',
  P391: 'collect spillage',
  'P402+P404': 'store in a dry place, in a closed container',
  'P403+P233': 'store in a well-ventilated place, container tightly closed',
  'P403+P235': 'store in a well-ventilated place, keep cool',
  P405: 'store locked up',
  P410: 'protect from sunlight',
};

/** Which of them go with a hazard statement (UN GHS, annex 3, section 3), the ones that matter most at a bench first. */
const byHazard: Readonly<Record<string, readonly string[]>> = {
  H220: ['P210', 'P403+P235'],
  H221: ['P210'],
  H224: ['P210', 'P233', 'P240', 'P403+P235'],
  H225: ['P210', 'P233', 'P240', 'P403+P235'],
  H226: ['P210', 'P233', 'P403+P235'],
  H228: ['P210', 'P280'],
  H242: ['P210', 'P280'],
  H251: ['P235', 'P280', 'P410'],
  H252: ['P235', 'P280', 'P410'],
  H250: ['P210', 'P231', 'P335+P334', 'P370'],
  H260: ['P223', 'P231', 'P232', 'P335+P334', 'P402+P404'],
  H261: ['P223', 'P231', 'P232', 'P402+P404'],
  H270: ['P220'],
  H271: ['P210', 'P220', 'P280'],
  H272: ['P210', 'P220', 'P280'],
  H280: ['P410'],
  H290: ['P280'],
  H300: ['P264', 'P270', 'P301+P310', 'P405'],
  H301: ['P264', 'P270', 'P301+P310', 'P405'],
  H302: ['P264', 'P270', 'P301+P312'],
  H304: ['P301+P310', 'P331', 'P405'],
  H310: ['P262', 'P280', 'P302+P352', 'P310', 'P405'],
  H311: ['P280', 'P302+P352', 'P405'],
  H312: ['P280', 'P302+P352'],
  H314: ['P260', 'P280', 'P301+P330+P331', 'P303+P361+P353', 'P305+P351+P338', 'P310'],
  H315: ['P264', 'P280', 'P302+P352'],
  H317: ['P261', 'P272', 'P280', 'P333+P313'],
  H318: ['P280', 'P305+P351+P338', 'P310'],
  H319: ['P264', 'P280', 'P305+P351+P338'],
  H330: ['P260', 'P271', 'P284', 'P304+P340', 'P310', 'P403+P233'],
  H331: ['P261', 'P271', 'P304+P340', 'P403+P233'],
  H332: ['P261', 'P271', 'P304+P340'],
  H334: ['P261', 'P284', 'P304+P340', 'P342+P311'],
  H335: ['P261', 'P271', 'P304+P340'],
  H336: ['P261', 'P271', 'P304+P340'],
  H340: ['P201', 'P280', 'P308+P313', 'P405'],
  H341: ['P201', 'P280', 'P308+P313', 'P405'],
  H350: ['P201', 'P280', 'P308+P313', 'P405'],
  H351: ['P201', 'P280', 'P308+P313', 'P405'],
  H360: ['P201', 'P280', 'P308+P313', 'P405'],
  H361: ['P201', 'P280', 'P308+P313', 'P405'],
  H362: ['P201', 'P263', 'P308+P313'],
  H370: ['P260', 'P270', 'P308+P313', 'P405'],
  H371: ['P260', 'P270', 'P308+P313'],
  H372: ['P260', 'P264', 'P270'],
  H373: ['P260'],
  H400: ['P273', 'P391'],
  H410: ['P273', 'P391'],
  H411: ['P273', 'P391'],
  H412: ['P273'],
  H413: ['P273'],
};

/**
 * Precautionary statements that follow from hazard statements, each once. A supplier's sheet chooses among them and comes first.
 *
 * @param codes hazard statements, joined ones and suffix letters included
 * @example precautionsFor(['H225', 'H319']) // → ['P210', 'P233', 'P240', 'P403+P235', 'P264', 'P280', 'P305+P351+P338']
 */
export function precautionsFor(codes: readonly string[]): readonly string[] {
  const bases = codes.flatMap((code) => splitStatement(code) ?? []);
  return [...new Set(bases.flatMap((base) => byHazard[base] ?? []))];
}

/** A precautionary statement in words; joined ones are one sentence. */
export const precautionText = (code: string): string => precautions[code] ?? 'not a precautionary statement';
