'use client';
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import { DeviceFields } from './DeviceFields';
import { Icon } from '@/components/Icon';
import type { Device } from '@/core/quantity/device';

const kindNames: Readonly<Record<Device['kind'], string>> = {
  balance: 'Balance',
  cylinder: 'Cylinder',
  pipette: 'Pipette',
  syringe: 'Syringe',
  thermometer: 'Thermometer',
};

const readsTo = ({ step, unit, capacity, tolerance }: Device) =>
  `reads to ${step}\u00a0${unit}, up to ${capacity}\u00a0${unit}${tolerance === undefined ? '' : `, ±\u00a0${tolerance}\u00a0${unit}`}`;

/** The lab's devices: what they read to decides rounding, uncertainty and what is too little for them. */
export function DeviceList({
  devices,
  canEdit,
  onChange,
}: {
  readonly devices: readonly Device[];
  readonly canEdit: boolean;
  readonly onChange: (devices: readonly Device[]) => void;
}) {
  const [open, setOpen] = useState<string | undefined>(undefined);
  const add = () => {
    const ids = devices.map(({ id }) => id);
    let n = devices.length + 1;
    while (ids.includes(`device-${n}`)) n += 1;
    const made: Device = {
      id: `device-${n}`,
      name: 'New balance',
      kind: 'balance',
      unit: 'g',
      step: '0.01',
      graduation: '0.01',
      capacity: '200',
    };
    onChange([...devices, made]);
    setOpen(made.id);
  };
  return (
    <section className="card-plain entry-card" aria-label="Devices">
      <h2>Devices</h2>
      <ul className="device-list">
        {devices.map((device) => (
          <li key={device.id}>
            <button
              type="button"
              className="device-row"
              aria-expanded={open === device.id}
              onClick={() => setOpen(open === device.id ? undefined : device.id)}
            >
              <strong>{device.name}</strong>
              <span className="muted">
                {kindNames[device.kind]}, {readsTo(device)}
                {device.calibration &&
                  device.calibration.length > 0 &&
                  `, calibrated at ${device.calibration.length} points`}
              </span>
            </button>
            {open === device.id && (
              <DeviceFields
                device={device}
                canEdit={canEdit}
                onChange={(next) => onChange(devices.map((one) => (one.id === device.id ? next : one)))}
                onRemove={() => {
                  onChange(devices.filter(({ id }) => id !== device.id));
                  setOpen(undefined);
                }}
              />
            )}
          </li>
        ))}
      </ul>
      {canEdit && devices.length < 40 && (
        <Button variant="line" size="sm" onClick={add}>
          <Icon name="plus" /> Device
        </Button>
      )}
    </section>
  );
}
