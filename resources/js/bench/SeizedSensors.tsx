import type { Car, CaseFields } from '../api/types';
import { t } from '../words/words';

interface Props {
    car: Car;
    values: NonNullable<CaseFields['carValues']>;
    onChange: (values: NonNullable<CaseFields['carValues']>) => void;
}

const placeOf = (channel: string) => `/channels/${channel}/seized`;

/** Which sensors of this car sit fast: drawing one takes longer, and it may break. */
export function SeizedSensors({ car, values, onChange }: Props) {
    return (
        <fieldset>
            <legend className="text-small text-ink-soft">{t('bench.seized')}</legend>
            <div className="flex flex-wrap gap-x-4">
                {car.channels.map(({ id }) => (
                    <label key={id} className="flex items-center gap-2 py-0.5 text-small">
                        <input
                            type="checkbox"
                            checked={values[placeOf(id)] === true}
                            onChange={({ target }) => {
                                const others = { ...values };
                                delete others[placeOf(id)];
                                onChange(target.checked ? { ...others, [placeOf(id)]: true } : others);
                            }}
                        />
                        {t('bench.seized-at', { channel: id })}
                    </label>
                ))}
            </div>
        </fieldset>
    );
}
