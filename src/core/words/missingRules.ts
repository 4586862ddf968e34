import type { RuleText } from '../finding/ruleText';

/** What a preparation lacks before a class can work by it. */
export const missingRules = {
  'missing.lines': { title: 'Nothing is charged', says: 'The charge table has no line yet.' },
  'missing.steps': { title: 'No procedure', says: 'There is no step yet.' },
  'missing.stages': { title: 'Nothing is measured', says: 'Nothing is named that is weighed and characterized.' },
  'missing.terms': { title: 'Equation missing', says: '{name}: the equation has no term yet.' },
  'missing.beginning': {
    title: 'Reactions in a circle',
    says: '{name} needs what is only made of its own product: no reaction could be the first.',
  },
  'missing.reference': {
    title: 'Reference missing',
    says: '{name}: no line is meant to limit, so that equivalents refer to nothing.',
  },
  'missing.run': {
    title: 'A reaction that never runs',
    says: '{name}: no step lets it run. Nothing of it is foreseen.',
  },
  'missing.origin': {
    title: 'Where it comes from',
    says: 'Nothing says what the {name} is made of: no yield and no recovery can be told.',
  },
  'missing.choice': {
    title: 'Still to be chosen',
    says: '{name}: a step needs it, and neither what it is nor how much is said yet.',
  },
  'missing.words': { title: 'Words missing', says: '{step}: not written yet: {what}.' },
  'missing.vessel': { title: 'Vessel missing', says: '{step}: not chosen yet: {what}.' },
  'missing.supply': {
    title: 'Taken before it is there',
    says: '{name} comes from the {stage}, which no step before measures: how much there is of it is not known by then.',
  },
  'missing.measure': { title: 'Never measured', says: 'No step has to do with the {name}.' },
} as const satisfies Record<string, RuleText>;
