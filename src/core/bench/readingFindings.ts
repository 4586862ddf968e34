import { finding } from '../finding/finding';
import { isMass } from '../readings/measured';
import { recordPlaceKey } from '../record/foldRecord';
import type { Device } from '../quantity/device';
import type { Finding } from '../finding/finding';
import type { Live } from '../record/foldRecord';
import type { Reading, RecordPlace } from '../record/entry';

/**
 * What readings show by themselves: two at one place, and fewer digits than the device has.
 *
 * @param readings those that stand, rivals included
 * @param nameOf what is measured at a place, for the sentence
 */
export function readingFindings(
  readings: readonly Live<Reading>[],
  devices: readonly Device[],
  nameOf: (place: RecordPlace) => string,
): readonly Finding[] {
  const rivals = new Map(
    readings.flatMap(({ status, body }) =>
      status === 'rival' ? [[recordPlaceKey(body.place), body.place] as const] : [],
    ),
  );
  return [
    ...[...rivals.values()].map((place) => finding('reading.rival', 'stop', place, { name: nameOf(place) })),
    ...readings.flatMap((one) =>
      one.status === 'live' ? [...coarse(one.body, devices, nameOf), ...notMass(one, nameOf)] : [],
    ),
  ];
}

function coarse(body: Reading, devices: readonly Device[], nameOf: (place: RecordPlace) => string): readonly Finding[] {
  const device = devices.find(({ id }) => id === body.device);
  if (!device || device.unit !== body.unit) return [];
  const decimals = (numeral: string) => numeral.split('.')[1]?.length ?? 0;
  if (decimals(body.digits) >= decimals(device.step)) return [];
  const args = {
    name: nameOf(body.place),
    read: `${body.digits} ${body.unit}`,
    device: device.name,
    step: `${device.step} ${device.unit}`,
  };
  return [finding('reading.coarse', 'caution', body.place, args)];
}

const ofMass: ReadonlySet<string> = new Set(['full', 'empty']);

/** A temperature or a volume at a place for a mass: it stays on the record, and counts for nothing. */
function notMass(one: Live<Reading>, nameOf: (place: RecordPlace) => string): readonly Finding[] {
  const { body } = one;
  const step = body.place.step !== undefined && body.place.slot === 'net';
  if (isMass(one) || !(step || ofMass.has(body.place.slot))) return [];
  return [
    finding('reading.notMass', 'caution', body.place, {
      name: nameOf(body.place),
      read: `${body.digits}\u00a0${body.unit}`,
    }),
  ];
}
