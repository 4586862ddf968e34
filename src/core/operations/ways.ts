import { schoolWords } from '../conventions/words';
import type { StepContext } from './operation';
import type { Way } from './ask';

/** Ways of measuring that several operations share. */
export const volumeWay: Way = {
  id: 'volume',
  label: 'Volume',
  slots: [{ slot: 'volume', says: 'Read the volume.', dim: 'volume', unit: 'mL' }],
};
export const netWay: Way = {
  id: 'net',
  label: 'Weigh, tared',
  slots: [{ slot: 'net', says: 'Read the net mass.', dim: 'mass', unit: 'g' }],
};
export const differenceWay: Way = {
  id: 'difference',
  label: 'Weigh by difference',
  slots: [
    { slot: 'full', says: 'Weigh the full vessel.', dim: 'mass', unit: 'g', configuration: true },
    { slot: 'empty', says: 'Weigh the emptied vessel.', dim: 'mass', unit: 'g', configuration: true },
  ],
};
/** Into a vessel that is weighed first: a forgotten tare cannot be had later. */
export const taredVesselWay: Way = {
  id: 'tared',
  label: 'In a tared vessel',
  slots: [
    { slot: 'empty', says: 'Weigh the empty vessel first.', dim: 'mass', unit: 'g', configuration: true },
    { slot: 'full', says: 'Weigh the vessel with what is in it.', dim: 'mass', unit: 'g', configuration: true },
  ],
};

/** A single temperature at a slot; where the bulb is, if the course has one place for it. */
export function placedTemperature({ bench: { doc } }: StepContext, says: string, slot?: string): Way {
  const place = schoolWords(doc.conventions, 'thermometer', undefined);
  return temperatureWay(place === undefined ? says : `${says} ${place}`, slot);
}

/** A single temperature at a slot. */
export function temperatureWay(says: string, slot = 'temperature'): Way {
  return { id: slot, label: 'Temperature', slots: [{ slot, says, dim: 'temperature', unit: '°C' }] };
}
