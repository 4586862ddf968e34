/** The nine hazard symbols of the Globally Harmonized System, by number and in words. */
export const pictograms = {
  '01': 'explosive',
  '02': 'flammable',
  '03': 'oxidizing',
  '04': 'gas under pressure',
  '05': 'corrosive',
  '06': 'toxic',
  '07': 'harmful or irritant',
  '08': 'health hazard',
  '09': 'harms water life',
} as const;

export type PictogramId = keyof typeof pictograms;
export const pictogramIds = Object.keys(pictograms) as readonly PictogramId[];
