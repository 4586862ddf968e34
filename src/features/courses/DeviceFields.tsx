'use client';
import Button from 'react-bootstrap/Button';
import { Icon } from '@/components/Icon';
import { SelectField } from '@/components/fields/SelectField';
import { TypedInput } from '@/components/fields/TypedInput';
import { changed } from '@/core/changed';
import { deviceKinds, stems } from '@/core/quantity/device';
import { readCalibration, writeCalibration } from './calibrationText';
import type { Change } from '@/core/changed';
import type { Device } from '@/core/quantity/device';

const unitOf = { balance: 'g', cylinder: 'mL', pipette: 'mL', syringe: 'mL', thermometer: '°C' } as const;
const stemNames = { mercury: 'mercury', spirit: 'spirit', probe: 'electronic probe' } as const;

const numeral = (text: string) =>
  /^\d{1,9}(\.\d{1,9})?$/.test(text.trim()) && Number(text) > 0
    ? ({ ok: true, value: text.trim() } as const)
    : ({ ok: false, says: 'A number above zero, with a point for decimals.' } as const);
const optional = (text: string) => (text.trim() === '' ? ({ ok: true, value: undefined } as const) : numeral(text));
const name = (text: string) =>
  text.trim() === '' || text.length > 80
    ? ({ ok: false, says: 'A name of at most 80 characters.' } as const)
    : ({ ok: true, value: text.trim() } as const);

/** One device: what it shows, how finely, how far it may be trusted. */
export function DeviceFields({
  device,
  canEdit,
  onChange,
  onRemove,
}: {
  readonly device: Device;
  readonly canEdit: boolean;
  readonly onChange: (device: Device) => void;
  readonly onRemove: () => void;
}) {
  const { unit } = device;
  const put = (change: Change<Device>) => onChange(changed(device, change));
  const field = <T,>(
    label: string,
    shown: string,
    read: (text: string) => { ok: true; value: T } | { ok: false; says: string },
    commit: (value: T) => void,
    help?: string,
  ) => (
    <TypedInput
      label={label}
      shown={shown}
      read={read}
      commit={commit}
      disabled={!canEdit}
      {...(help ? { help } : {})}
    />
  );
  const thermometer = device.kind === 'thermometer';
  return (
    <div className="device-fields editor-grid">
      {field('Name', device.name, name, (value) => put({ name: value }))}
      <SelectField
        label="Kind"
        disabled={!canEdit}
        value={device.kind}
        options={deviceKinds.map((kind) => ({ value: kind, label: kind }))}
        onChange={(value) => {
          const kind = deviceKinds.find((one) => one === value) ?? 'balance';
          put({
            kind,
            unit: unitOf[kind],
            ...(kind === 'thermometer' ? {} : { stem: undefined, calibration: undefined }),
          });
        }}
      />
      {field(`Reads to, ${unit}`, device.step, numeral, (step) =>
        put({ step, ...(device.kind === 'balance' ? { graduation: step } : {}) }),
      )}
      {device.kind !== 'balance' &&
        field(`Between engraved lines, ${unit}`, device.graduation, numeral, (graduation) => put({ graduation }))}
      {field(`Up to, ${unit}`, device.capacity, numeral, (capacity) => put({ capacity }))}
      {field(
        `Tolerance ±, ${unit}`,
        device.tolerance ?? '',
        optional,
        (tolerance) => put({ tolerance }),
        'of the maker; empty when none is stated',
      )}
      {thermometer && (
        <>
          <SelectField
            label="Filled with"
            disabled={!canEdit}
            value={device.stem ?? ''}
            options={[
              { value: '', label: 'not known' },
              ...stems.map((stem) => ({ value: stem, label: stemNames[stem] })),
            ]}
            onChange={(value) => put({ stem: stems.find((one) => one === value) })}
          />
          {field(
            'Calibration: reading and correction, K',
            writeCalibration(device.calibration),
            readCalibration,
            (calibration) => put({ calibration: calibration.length === 0 ? undefined : calibration }),
            'such as 81 +0.4; 122 +0.6: added to a melting range where the class has no correction of its own',
          )}
        </>
      )}
      {canEdit && (
        <Button variant="line" size="sm" className="remove-line" onClick={onRemove}>
          <Icon name="trash" /> Remove this device
        </Button>
      )}
    </div>
  );
}
