'use client';
import { amountFault } from '@/core/words/amountFault';
import { parseAmount } from '@/core/quantity/parseAmount';
import { settingDims } from '@/core/record/entry';
import { settingWords } from '@/core/bench/describeEntry';
import { SettingField } from './SettingField';
import type { Body, SettingName } from '@/core/record/entry';
import type { ClassSettings } from '@/core/record/classSettings';
import type { FieldReading } from '@/components/fields/useTypedField';

const units: Readonly<Record<SettingName, string>> = { roomTemperature: '°C', pressure: 'hPa', meltingCorrection: 'K' };
const examples: Readonly<Record<SettingName, string>> = {
  roomTemperature: '21 °C',
  pressure: '1004 hPa or 753 torr',
  meltingCorrection: '-0.8 K, added to every melting temperature',
};

/** Numbers that hold for every bench of the period, entered once. */
export function ClassSettingsPanel({
  settings,
  onAdd,
}: {
  readonly settings: ClassSettings;
  readonly onAdd: (body: Body) => void;
}) {
  return (
    <section className="class-settings card-plain" aria-label="For the whole class">
      {(Object.keys(settingDims) as SettingName[]).map((name) => (
        <SettingField
          key={name}
          label={settingWords[name]}
          example={examples[name]}
          value={settings[name]}
          read={(text) => readSetting(name, text)}
          onSet={({ digits, unit }) => onAdd({ k: 'setting', name, digits, unit })}
        />
      ))}
    </section>
  );
}

/** What was typed for a setting, or what is wrong with it. */
export function readSetting(
  name: SettingName,
  text: string,
): FieldReading<{ readonly digits: string; readonly unit: string }> {
  const dim = settingDims[name];
  const parsed = parseAmount(text, { dims: [dim], unit: units[name], zero: true, negative: dim !== 'pressure' });
  if (!parsed.ok) return { ok: false, says: amountFault(parsed, examples[name]) };
  return { ok: true, value: { digits: parsed.typed.digits, unit: parsed.typed.unit } };
}
