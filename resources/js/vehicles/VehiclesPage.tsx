import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { api, taken } from '../api/client';
import type { OwnVehicle } from '../api/types';
import { Failed, Loading } from '../app/Loading';
import { Page } from '../app/Page';
import { WhoAmI } from '../app/SignedIn';
import { Button } from '../ui/Button';
import { ConfirmDialog } from '../ui/ConfirmDialog';
import { Cell, RowHeading, Table } from '../ui/Table';
import { t } from '../words/words';
import { Alarms } from './Alarms';
import { VehicleDialog } from './VehicleDialog';

/** Cars of an instructor's own: copied, changed, driven, and only then used. */
export function VehiclesPage() {
    const queries = useQueryClient();
    const vehicles = useQuery({ queryKey: ['vehicles'], queryFn: () => taken(api.GET('/api/vehicles')) });
    const cars = useQuery({ queryKey: ['cars'], queryFn: () => taken(api.GET('/api/cars')) });
    const [editing, setEditing] = useState<OwnVehicle | 'new' | null>(null);
    const [deleting, setDeleting] = useState<OwnVehicle | null>(null);
    const remove = useMutation({
        mutationFn: ({ id }: OwnVehicle) =>
            taken(api.DELETE('/api/vehicles/{vehicle}', { params: { path: { vehicle: id } } })),
        onSuccess: () => queries.invalidateQueries({ queryKey: ['vehicles'] }),
    });
    const failed = [vehicles, cars].find(({ isError }) => isError);
    const nameOf = (base: string) => cars.data?.find(({ id }) => id === base)?.name ?? base;

    return (
        <Page
            title={t('vehicles.title')}
            right={
                <>
                    <Button kind="main" onClick={() => setEditing('new')}>
                        {t('vehicles.new')}
                    </Button>
                    <Link to="/cases" className="text-petrol underline">
                        {t('attempts.back')}
                    </Link>
                    <WhoAmI />
                </>
            }
        >
            <p className="mb-3 max-w-180 text-ink-soft">{t('vehicles.about')}</p>
            {failed?.error && (
                <Failed
                    error={failed.error}
                    onRetry={() => [vehicles, cars].forEach((one) => void one.refetch())}
                />
            )}
            {vehicles.isPending && <Loading what={t('wait.vehicles')} />}
            {remove.isError && <p role="alert">{remove.error.message}</p>}
            {vehicles.data?.length === 0 && <p className="p-4">{t('vehicles.none')}</p>}
            {vehicles.data !== undefined && vehicles.data.length > 0 && (
                <Table
                    label={t('vehicles.title')}
                    columns={['name', 'base', 'values', 'state']
                        .map((column) => t(`vehicles.${column}`))
                        .concat('')}
                >
                    {vehicles.data.map((one) => (
                        <tr key={one.id} className="align-top">
                            <RowHeading>{one.name}</RowHeading>
                            <Cell>{nameOf(one.base)}</Cell>
                            <Cell>
                                {t('values.changed-count', { count: Object.keys(one.values).length })}
                            </Cell>
                            <Cell>
                                <Alarms of={one} />
                            </Cell>
                            <Cell>
                                <span className="flex gap-3">
                                    <Button
                                        aria-label={t('vehicles.change-of', { name: one.name })}
                                        onClick={() => setEditing(one)}
                                    >
                                        {t('vehicles.change')}
                                    </Button>
                                    <Button
                                        aria-label={t('vehicles.delete-of', { name: one.name })}
                                        onClick={() => setDeleting(one)}
                                    >
                                        {t('vehicles.delete')}
                                    </Button>
                                </span>
                            </Cell>
                        </tr>
                    ))}
                </Table>
            )}
            {cars.data !== undefined && (
                <VehicleDialog
                    vehicle={editing}
                    cars={cars.data}
                    onClose={() => setEditing(null)}
                    onKept={() => void queries.invalidateQueries({ queryKey: ['vehicles'] })}
                />
            )}
            <ConfirmDialog
                title={t('vehicles.delete-of', { name: deleting?.name ?? '' })}
                open={deleting !== null}
                onClose={() => setDeleting(null)}
                onConfirm={() => deleting !== null && remove.mutate(deleting)}
            >
                {t('vehicles.delete-about')}
            </ConfirmDialog>
        </Page>
    );
}
