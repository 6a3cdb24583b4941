import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { api, taken } from '../api/client';
import type { Car, CaseFields, OwnVehicle } from '../api/types';
import { SelectField } from '../ui/Field';
import { t } from '../words/words';

interface Props {
    cars: Car[];
    fields: CaseFields;
    error: string | undefined;
    onChange: (part: Partial<CaseFields>) => void;
}

const idOf = ({ id }: OwnVehicle) => `own-${id}`;

/** Which car: a built-in one, or one of the instructor's own, which is a built-in one with other values and a name. */
export function CarChoice({ cars, fields, error, onChange }: Props) {
    const own = useQuery({ queryKey: ['vehicles'], queryFn: () => taken(api.GET('/api/vehicles')) });
    const usable = (own.data ?? []).filter(({ alarms }) => alarms.length === 0);
    const chosen = usable.find(
        ({ name, base }) => base === fields.car && fields.carValues?.['/name'] === name,
    );
    const choose = (id: string) => {
        const vehicle = usable.find((one) => idOf(one) === id);
        onChange(
            vehicle === undefined
                ? { car: id, carValues: undefined }
                : { car: vehicle.base, carValues: { ...vehicle.values, '/name': vehicle.name } },
        );
    };
    return (
        <div>
            <SelectField
                label={t('bench.car')}
                value={chosen === undefined ? fields.car : idOf(chosen)}
                error={error}
                onChange={({ target }) => choose(target.value)}
                options={[
                    ...cars.map(({ id, name }) => ({ value: id, label: name })),
                    ...usable.map((one) => ({
                        value: idOf(one),
                        label: t('vehicles.own', { name: one.name }),
                    })),
                ]}
            />
            <Link to="/vehicles" className="text-small text-petrol underline">
                {t('vehicles.open')}
            </Link>
        </div>
    );
}
