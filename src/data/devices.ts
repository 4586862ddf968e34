import type { Device } from '@/core/quantity/device';

/** Devices of a usual teaching lab: what a new course begins with. */
export const usualDevices: readonly Device[] = [
  { id: 'balance-0001', name: '0.001 g balance', kind: 'balance', unit: 'g', step: '0.001', graduation: '0.001', capacity: '120' },
  { id: 'balance-00001', name: '0.0001 g balance', kind: 'balance', unit: 'g', step: '0.0001', graduation: '0.0001', capacity: '120' },
  { id: 'balance-001', name: '0.01 g balance', kind: 'balance', unit: 'g', step: '0.01', graduation: '0.01', capacity: '200' },
  { id: 'balance-01', name: '0.1 g balance', kind: 'balance', unit: 'g', step: '0.1', graduation: '0.1', capacity: '2000' },
  { id: 'syringe-1', name: '1 mL syringe', kind: 'syringe', unit: 'mL', step: '0.01', graduation: '0.01', capacity: '1', tolerance: '0.03' },
  { id: 'syringe-5', name: '5 mL syringe', kind: 'syringe', unit: 'mL', step: '0.1', graduation: '0.2', capacity: '5', tolerance: '0.15' },
  { id: 'pipette-2', name: '2 mL graduated pipette', kind: 'pipette', unit: 'mL', step: '0.01', graduation: '0.02', capacity: '2', tolerance: '0.01' },
  { id: 'pipette-5', name: '5 mL graduated pipette', kind: 'pipette', unit: 'mL', step: '0.05', graduation: '0.05', capacity: '5', tolerance: '0.03' },
  { id: 'cylinder-10', name: '10 mL cylinder', kind: 'cylinder', unit: 'mL', step: '0.1', graduation: '0.2', capacity: '10', tolerance: '0.1' },
  { id: 'cylinder-25', name: '25 mL cylinder', kind: 'cylinder', unit: 'mL', step: '0.2', graduation: '0.5', capacity: '25', tolerance: '0.25' },
  { id: 'cylinder-100', name: '100 mL cylinder', kind: 'cylinder', unit: 'mL', step: '0.5', graduation: '1', capacity: '100', tolerance: '0.5' },
  { id: 'thermometer-200', name: '200 °C thermometer', kind: 'thermometer', unit: '°C', step: '1', graduation: '1', capacity: '200', tolerance: '1', stem: 'spirit' },
  { id: 'thermometer-360', name: '360 °C thermometer', kind: 'thermometer', unit: '°C', step: '1', graduation: '2', capacity: '360', tolerance: '2', stem: 'mercury' },
  { id: 'melting-1', name: 'Melting apparatus', kind: 'thermometer', unit: '°C', step: '0.1', graduation: '0.1', capacity: '300', tolerance: '0.5', stem: 'probe' },
];
