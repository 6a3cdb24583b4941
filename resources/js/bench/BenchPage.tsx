import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { api, taken } from '../api/client';
import type { Car, CaseFields, CaseRecord, FaultKind, FaultSetting } from '../api/types';
import { FailedPage, LoadingPage } from '../app/Loading';
import { Page } from '../app/Page';
import { WHOLE_CAR } from '../words/card';
import { WhoAmI } from '../app/SignedIn';
import { PathStrip } from '../strip/PathStrip';
import { Button } from '../ui/Button';
import { ConfirmDialog } from '../ui/ConfirmDialog';
import { t } from '../words/words';
import { CaseSheet } from './CaseSheet';
import { FaultChooser } from './FaultChooser';
import { FaultList } from './FaultList';
import { FirstPlace } from './FirstPlace';
import { FaultFlag } from './FaultFlag';
import { Meanwhile } from './Meanwhile';
import { PublishDialog } from './PublishDialog';
import { PreviewSummary } from './PreviewSummary';
import { PreviewTable } from './PreviewTable';
import { atStation } from './moved';
import { useBench } from './useBench';
import { useSilentFaults } from './useSilentFaults';
import { laidSheet } from './useSheet';

export function BenchPage() {
    const { id } = useParams();
    const cars = useQuery({ queryKey: ['cars'], queryFn: () => taken(api.GET('/api/cars')) });
    const kinds = useQuery({ queryKey: ['fault-kinds'], queryFn: () => taken(api.GET('/api/fault-kinds')) });
    const record = useQuery({
        queryKey: ['case', Number(id)],
        queryFn: () => taken(api.GET('/api/cases/{case}', { params: { path: { case: Number(id) } } })),
        enabled: id !== undefined,
    });
    const sheet = useQuery({
        queryKey: ['sheet', id ?? 'new'],
        queryFn: () => laidSheet(id === undefined ? undefined : Number(id)),
        gcTime: 0,
        staleTime: Infinity,
    });
    const needed = [cars, kinds, record, sheet];
    const failed = needed.find((query) => query.isError);
    if (failed?.error)
        return (
            <FailedPage
                what={t('wait.bench')}
                error={failed.error}
                onRetry={() => needed.filter(({ isError }) => isError).forEach((one) => void one.refetch())}
            />
        );
    if (
        cars.data === undefined ||
        kinds.data === undefined ||
        sheet.data === undefined ||
        (id !== undefined && record.data === undefined)
    )
        return <LoadingPage what={t('wait.bench')} />;
    return (
        <Bench
            key={id ?? 'new'}
            cars={cars.data}
            kinds={kinds.data}
            record={record.data}
            sheet={sheet.data}
        />
    );
}

interface Props {
    cars: Car[];
    kinds: FaultKind[];
    record?: CaseRecord;
    /** What was written and not kept, when the bench was left. */
    sheet: CaseFields | null;
}

function Bench({ cars, kinds, record, sheet }: Props) {
    const bench = useBench(cars, kinds, record, sheet);
    const { fields, preview, errors } = bench;
    const car = cars.find((one) => one.id === fields.car) ?? cars[0]!;
    const silent = useSilentFaults(car.id);
    const [throws, setThrows] = useState(false);
    const [publishes, setPublishes] = useState(false);
    const [position, setPosition] = useState(0);
    const chosen = Math.min(position, fields.faults.length - 1);
    const fault = fields.faults[chosen];
    const channel = car.channels.find((one) => one.id === fault?.channel) ?? car.channels[0]!;
    const published = record?.versions.at(-1);
    const changeFault = (next: FaultSetting) =>
        bench.change({ faults: fields.faults.map((one, index) => (index === chosen ? next : one)) });

    return (
        <Page
            busy={preview.isFetching}
            title={
                <>
                    {t('bench.title')}{' '}
                    <span className="font-normal text-ink-soft">{fields.name || t('bench.new')}</span>
                </>
            }
            right={
                <>
                    <span role="status" className="text-small text-ink-soft">
                        {bench.problem ||
                            (bench.changed ? `${t('bench.unsaved')} ${bench.note}`.trim() : t('bench.saved'))}
                        {published !== undefined && `, ${t('cases.version', { number: published.number })}`}
                    </span>
                    <Button disabled={bench.busy || !bench.changed} onClick={() => void bench.keep()}>
                        {t('bench.save')}
                    </Button>
                    <Button kind="main" disabled={bench.busy} onClick={() => setPublishes(true)}>
                        {t('bench.publish')}
                    </Button>
                    <WhoAmI />
                </>
            }
            foot={
                <>
                    <span>{t('bench.differs-legend')}</span>
                    <span className="flex gap-4">
                        {bench.changed && (
                            <button
                                type="button"
                                disabled={bench.busy}
                                onClick={() => setThrows(true)}
                                className="text-petrol underline"
                            >
                                {t('bench.throw-away')}
                            </button>
                        )}
                        {record !== undefined && (
                            <Link to={`/cases/${record.id}/attempts`} className="text-petrol underline">
                                {t('cases.attempts-of')}
                            </Link>
                        )}
                        <Link to="/cases" className="text-petrol underline">
                            {t('attempts.back')}
                        </Link>
                    </span>
                </>
            }
        >
            <ConfirmDialog
                title={t('bench.throw-away')}
                open={throws}
                onClose={() => setThrows(false)}
                onConfirm={() => void bench.throwAway()}
            >
                {t(record === undefined ? 'bench.throw-away-new' : 'bench.throw-away-about')}
            </ConfirmDialog>
            <Meanwhile
                theirs={bench.meanwhile}
                mine={fields}
                message={bench.problem}
                onKeepMine={bench.keepMine}
                onTakeTheirs={bench.takeTheirs}
                onClose={bench.closeMeanwhile}
            />
            <PublishDialog
                practice={fields.practice ?? false}
                text={`${fields.jobTitle} ${fields.complaint}`}
                open={publishes}
                onClose={() => setPublishes(false)}
                onPublish={(assignment) => void bench.publish(assignment)}
            />
            <div className="grid h-full work-columns gap-4">
                <CaseSheet
                    cars={cars}
                    kinds={kinds}
                    fields={fields}
                    errors={errors}
                    onChange={bench.change}
                />
                <div className="flex min-h-0 flex-col gap-3">
                    <section
                        aria-label={t('bench.where')}
                        className="relative shrink-0 rounded-part border border-floor-deep bg-bench px-3 py-2"
                    >
                        <div className="flex justify-between">
                            <h2>
                                {fault === undefined
                                    ? t(bench.open ? 'bench.nothing-chosen' : 'bench.nothing-wrong')
                                    : `${fault.channel === WHOLE_CAR ? t('bench.whole-car') : t(`channel.${channel.id}`)} · ${t('bench.where-it-sits')}`}
                            </h2>
                            {fault !== undefined && (
                                <span className="text-small text-ink-soft">{t('bench.where-hint')}</span>
                            )}
                        </div>
                        <div className="mx-auto max-w-4/5">
                            {fault !== undefined && <FaultFlag kinds={kinds} fault={fault} />}
                            <PathStrip
                                car={car}
                                channel={channel}
                                openPlugs={[]}
                                turning={false}
                                sheet={null}
                                station={kinds.find(({ id }) => id === fault?.kind)?.station}
                                onStation={
                                    fault && ((next) => changeFault(atStation(fault, next, car, kinds)))
                                }
                            />
                        </div>
                        <FaultList
                            car={car}
                            kinds={kinds}
                            faults={fields.faults}
                            open={bench.open}
                            chosen={chosen}
                            onChoose={setPosition}
                            onChange={(faults) => bench.change({ faults })}
                        />
                        {bench.open ? (
                            <FirstPlace
                                car={car}
                                kinds={kinds}
                                error={errors.faults}
                                onChoose={(faults) => bench.change({ faults })}
                            />
                        ) : fault === undefined ? (
                            <p className="py-2">{t('bench.no-fault-here')}</p>
                        ) : (
                            <FaultChooser
                                key={`${fields.car} ${chosen}`}
                                car={car}
                                kinds={kinds}
                                silent={silent}
                                fault={fault}
                                errors={errors}
                                position={chosen}
                                onChange={changeFault}
                            />
                        )}
                    </section>
                    <PreviewTable car={car} preview={preview.data} error={preview.error} />
                </div>
                <PreviewSummary
                    preview={preview.data}
                    place={fault?.channel ?? null}
                    fields={fields}
                    pending={preview.isFetching}
                    keep={async () => (bench.changed || record === undefined ? bench.keep() : record)}
                />
            </div>
        </Page>
    );
}
