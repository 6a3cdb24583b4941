import type { LabOptions, LabSetting } from '../api/types';
import { edited, parsed } from '../bench/strength';
import { Choice } from '../ui/Choice';
import { SelectField, TextField } from '../ui/Field';
import { RangeField } from '../ui/RangeField';
import { THIN_SPACE } from '../words/quantities';
import { t } from '../words/words';
import { withTechnology } from './setting';
import { fixed, number } from '../words/reader';
import { rounded } from '../words/number';

interface Props {
    name: string;
    options: LabOptions;
    setting: LabSetting;
    errors: Record<string, string>;
    onChange: (setting: LabSetting) => void;
    onCopy: () => void;
}

/** Everything of one setting that can be changed. */
export function LabControls({ name, options, setting, errors, onChange, onCopy }: Props) {
    const set = (part: Partial<LabSetting>) => onChange({ ...setting, ...part });
    const defects = options.defects.filter((one) => one.technologies.includes(setting.technology));
    const defect = options.defects.find((one) => one.id === setting.defect);
    const problem = Object.values(errors)[0];

    return (
        <div className="min-h-54 shrink-0 rounded-part border border-floor-deep bg-bench px-3 py-2">
            <div className="mb-2 flex items-center justify-between">
                <h2>{t('lab.setting', { name })}</h2>
                <button type="button" onClick={onCopy} className="text-small text-petrol underline">
                    {t('lab.copy', { name: name === 'A' ? 'B' : 'A' })}
                </button>
            </div>
            <Choice
                label={t('lab.technology')}
                value={setting.technology}
                onChoose={(technology) => onChange(withTechnology(options, setting, technology))}
                options={options.stands.map(({ technology }) => ({
                    value: technology,
                    label: t(`lab.technology.${technology}`),
                }))}
                className="mb-2 text-small"
            />
            <div className="grid grid-cols-3 gap-x-5 gap-y-1">
                <RangeField
                    label={t('lab.speed')}
                    shown={`${number(setting.turnsPerSecond)}${THIN_SPACE}/s`}
                    value={setting.turnsPerSecond}
                    least={-3}
                    greatest={12}
                    step={0.25}
                    onChange={(turnsPerSecond) => set({ turnsPerSecond })}
                />
                <RangeField
                    label={t('lab.gap')}
                    shown={`${fixed(setting.gapMillimetres, 2)}${THIN_SPACE}mm`}
                    value={setting.gapMillimetres}
                    least={0.1}
                    greatest={3}
                    step={0.02}
                    onChange={(gapMillimetres) => set({ gapMillimetres })}
                />
                <RangeField
                    label={t('lab.teeth')}
                    shown={String(setting.teeth)}
                    value={setting.teeth}
                    least={12}
                    greatest={120}
                    step={1}
                    onChange={(teeth) => set({ teeth })}
                />
                <RangeField
                    label={t('lab.temperature')}
                    shown={`${number(setting.celsius)}${THIN_SPACE}°C`}
                    value={setting.celsius}
                    least={-30}
                    greatest={140}
                    step={5}
                    onChange={(celsius) => set({ celsius })}
                />
                {setting.technology === 'passive' && (
                    <RangeField
                        label={t('lab.load')}
                        shown={load(setting.inputOhms)}
                        value={Math.log10(setting.inputOhms)}
                        least={2.5}
                        greatest={6}
                        step={0.1}
                        onChange={(power) => set({ inputOhms: rounded(10 ** power, 2) })}
                    />
                )}
                <SelectField
                    label={t('lab.window')}
                    value={setting.wholeTurn ? 'turn' : 'teeth'}
                    onChange={(event) => set({ wholeTurn: event.target.value === 'turn' })}
                    options={(['teeth', 'turn'] as const).map((value) => ({
                        value,
                        label: t(`lab.window.${value}`),
                    }))}
                />
                <SelectField
                    label={t('lab.defect')}
                    value={setting.defect}
                    onChange={(event) => onChange(withDefect(setting, event.target.value))}
                    options={[
                        { value: '', label: t('lab.sound') },
                        ...defects.map(({ id }) => ({ value: id, label: t(`fault.${id}`) })),
                    ]}
                />
                {defect !== undefined && defect.unit !== 'none' && (
                    <TextField
                        key={defect.id}
                        label={`${t('bench.strength')} (${t(`strength.${defect.unit}`)})`}
                        inputMode="decimal"
                        error={errors.strength}
                        defaultValue={edited(
                            defect,
                            setting.strength ?? defect.usual[Math.floor(defect.usual.length / 2)]!,
                        )}
                        onChange={(event) => {
                            const strength = parsed(defect, event.target.value);
                            if (event.target.value.trim() !== '' && !Number.isNaN(strength))
                                set({ strength });
                        }}
                    />
                )}
            </div>
            {problem !== undefined && errors.strength === undefined && <p role="alert">{problem}</p>}
        </div>
    );
}

/** Another defect begins at its own usual strength. */
function withDefect(setting: LabSetting, defect: string): LabSetting {
    const next = { ...setting, defect };
    delete next.strength;
    return next;
}

function load(ohms: number): string {
    return ohms >= 1e6
        ? `${number(ohms / 1e6)}${THIN_SPACE}MΩ`
        : ohms >= 1e3
          ? `${number(Math.round(ohms / 100) / 10)}${THIN_SPACE}kΩ`
          : `${number(ohms)}${THIN_SPACE}Ω`;
}
