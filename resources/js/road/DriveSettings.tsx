import type { RoadLabOptions, RoadSetting } from '../api/types';
import { SelectField } from '../ui/Field';
import { RangeField } from '../ui/RangeField';
import { THIN_SPACE } from '../words/quantities';
import { number } from '../words/reader';
import { t } from '../words/words';

const REARS = ['as-built', 'together', 'singly'] as const;

interface Props {
    name: string;
    options: RoadLabOptions;
    setting: RoadSetting;
    errors: Record<string, string>;
    onChange: (setting: RoadSetting) => void;
    onCopy: () => void;
}

/** Everything of one drive that can be changed. */
export function DriveSettings({ name, options, setting, errors, onChange, onCopy }: Props) {
    const set = (part: Partial<RoadSetting>) => onChange({ ...setting, ...part });
    const car = options.cars.find(({ id }) => id === setting.car) ?? options.cars[0]!;
    const defect = car.defects.find(({ id }) => id === setting.defect);
    const problem = Object.values(errors)[0];
    return (
        <section
            aria-label={t('lab.setting', { name })}
            className="rounded-part border border-floor-deep bg-bench px-3 py-1.5"
        >
            <div className="flex items-center justify-between">
                <h2 className="text-base">{t('lab.setting', { name })}</h2>
                <button type="button" onClick={onCopy} className="text-small text-petrol underline">
                    {t('lab.copy', { name: name === 'A' ? 'B' : 'A' })}
                </button>
            </div>
            <div className="grid grid-cols-[1.2fr_0.95fr_1.6fr_1.2fr_1.05fr] gap-x-2.5 gap-y-0.5 narrow:grid-cols-2">
                <SelectField
                    label={t('road-lab.car')}
                    value={setting.car}
                    onChange={(event) => set({ car: event.target.value, defect: '', wheel: '' })}
                    options={options.cars.map(({ id, name: label }) => ({ value: id, label }))}
                />
                <SelectField
                    label={t('road-lab.what')}
                    value={setting.pullsAway ? 'pull-away' : 'brake'}
                    onChange={(event) => set({ pullsAway: event.target.value === 'pull-away' })}
                    options={(['brake', 'pull-away'] as const).map((value) => ({
                        value,
                        label: t(`brakes.do-${value}`),
                    }))}
                />
                <SelectField
                    label={t('brakes.footing')}
                    value={setting.footing}
                    onChange={(event) => set({ footing: event.target.value as RoadSetting['footing'] })}
                    options={options.footings.map((value) => ({ value, label: t(`footing.${value}`) }))}
                />
                <SelectField
                    label={t('road-lab.module')}
                    value={setting.controls ? 'on' : 'off'}
                    onChange={(event) => set({ controls: event.target.value === 'on' })}
                    options={(['on', 'off'] as const).map((value) => ({
                        value,
                        label: t(`road-lab.module-${value}`),
                    }))}
                />
                <SelectField
                    label={t('road-lab.rear')}
                    value={setting.rear}
                    disabled={setting.pullsAway}
                    onChange={(event) => set({ rear: event.target.value as RoadSetting['rear'] })}
                    options={REARS.map((value) => ({ value, label: t(`road-lab.rear-${value}`) }))}
                />
                {!setting.pullsAway && (
                    <>
                        <RangeField
                            label={t('road-lab.speed')}
                            shown={`${number(setting.kilometresPerHour)}${THIN_SPACE}km/h`}
                            value={setting.kilometresPerHour}
                            least={10}
                            greatest={100}
                            step={5}
                            onChange={(kilometresPerHour) => set({ kilometresPerHour })}
                        />
                        <RangeField
                            label={t('road-lab.foot-force')}
                            shown={`${number(setting.footNewtons)}${THIN_SPACE}N`}
                            value={setting.footNewtons}
                            least={20}
                            greatest={600}
                            step={10}
                            onChange={(footNewtons) => set({ footNewtons })}
                        />
                    </>
                )}
                <RangeField
                    label={t('road-lab.load')}
                    shown={`${number(setting.loadKilograms)}${THIN_SPACE}kg`}
                    value={setting.loadKilograms}
                    least={0}
                    greatest={500}
                    step={50}
                    onChange={(loadKilograms) => set({ loadKilograms })}
                />
                <SelectField
                    label={t('lab.defect')}
                    value={setting.defect}
                    onChange={(event) => {
                        const next = car.defects.find(({ id }) => id === event.target.value);
                        const keeps = next?.places.includes(setting.wheel) ?? false;
                        set({
                            defect: event.target.value,
                            wheel: keeps ? setting.wheel : (next?.places[0] ?? ''),
                        });
                    }}
                    options={[
                        { value: '', label: t('lab.sound') },
                        ...car.defects.map(({ id }) => ({ value: id, label: t(`fault.${id}`) })),
                    ]}
                />
                {defect !== undefined && defect.places.length > 1 && (
                    <SelectField
                        label={t('road-lab.at')}
                        value={setting.wheel}
                        onChange={(event) => set({ wheel: event.target.value })}
                        options={defect.places.map((value) => ({ value, label: value }))}
                    />
                )}
            </div>
            {problem !== undefined && <p role="alert">{problem}</p>}
        </section>
    );
}
