import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { api, Refused, taken } from '../api/client';
import type { Car, NewVehicle, OwnVehicle } from '../api/types';
import { CarValueTree } from '../bench/CarValueTree';
import { Button } from '../ui/Button';
import { Dialog } from '../ui/Dialog';
import { SelectField, TextField } from '../ui/Field';
import { t } from '../words/words';
import { Alarms } from './Alarms';

interface Props {
    /** Null while none is built or changed. */
    vehicle: OwnVehicle | 'new' | null;
    cars: Car[];
    onClose: () => void;
    onKept: () => void;
}

/** From which car it is copied, how it is called and which values it has; kept, it is driven. */
export function VehicleDialog({ vehicle, cars, onClose, onKept }: Props) {
    return (
        <Dialog
            title={
                vehicle === null || vehicle === 'new'
                    ? t('vehicles.new')
                    : t('vehicles.change-of', { name: vehicle.name })
            }
            open={vehicle !== null}
            onClose={onClose}
            wide
        >
            {vehicle !== null && (
                <VehicleForm
                    key={vehicle === 'new' ? 'new' : vehicle.id}
                    vehicle={vehicle === 'new' ? null : vehicle}
                    cars={cars}
                    onClose={onClose}
                    onKept={onKept}
                />
            )}
        </Dialog>
    );
}

function VehicleForm({
    vehicle,
    cars,
    onClose,
    onKept,
}: Omit<Props, 'vehicle'> & { vehicle: OwnVehicle | null }) {
    const [base, setBase] = useState(vehicle?.base ?? cars[0]!.id);
    const [name, setName] = useState(vehicle?.name ?? '');
    const [values, setValues] = useState<NonNullable<NewVehicle['values']>>(vehicle?.values ?? {});
    const keep = useMutation({
        mutationFn: (body: NewVehicle) =>
            vehicle === null
                ? taken(api.POST('/api/vehicles', { body }))
                : taken(
                      api.PUT('/api/vehicles/{vehicle}', { params: { path: { vehicle: vehicle.id } }, body }),
                  ),
        onSuccess: (kept) => {
            onKept();
            if (kept.alarms.length === 0 || vehicle === null) onClose();
        },
    });
    const fields = keep.error instanceof Refused ? keep.error.fields : {};
    return (
        <form
            className="flex flex-col gap-3"
            onSubmit={(event) => {
                event.preventDefault();
                keep.mutate({ base, name, values });
            }}
        >
            <div className="grid grid-cols-2 gap-4">
                <SelectField
                    label={t('vehicles.base')}
                    value={base}
                    disabled={vehicle !== null}
                    error={fields.base}
                    onChange={({ target }) => {
                        setBase(target.value);
                        setValues({});
                    }}
                    options={cars.map((car) => ({ value: car.id, label: car.name }))}
                />
                <TextField
                    label={t('vehicles.name')}
                    value={name}
                    error={fields.name}
                    onChange={({ target }) => setName(target.value)}
                />
            </div>
            <CarValueTree
                key={base}
                car={base}
                changed={values}
                onChange={(next) => setValues(next as typeof values)}
            />
            {keep.isError && fields.name === undefined && <p role="alert">{keep.error.message}</p>}
            {keep.data !== undefined && keep.data.alarms.length > 0 && (
                <div role="status">
                    <Alarms of={keep.data} />
                </div>
            )}
            <div className="flex gap-3">
                <Button kind="main" type="submit" disabled={keep.isPending}>
                    {t('vehicles.keep')}
                </Button>
                <Button onClick={onClose}>{t('bay.cancel')}</Button>
            </div>
        </form>
    );
}
