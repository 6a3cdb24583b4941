import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { api, taken } from '../api/client';
import type { RoadLabOptions, RoadSetting } from '../api/types';
import { FailedPage, LoadingPage } from '../app/Loading';
import { Page } from '../app/Page';
import { WhoAmI } from '../app/SignedIn';
import { LabPlaces } from '../lab/LabPlaces';
import { t } from '../words/words';
import { DriveSettings } from './DriveSettings';
import { DriveView } from './DriveView';
import { useRoadLab } from './useRoadLab';

/** Free play on the road: one car driven twice, the second drive laid over the first. */
export function RoadLabPage() {
    const options = useQuery({ queryKey: ['road-lab'], queryFn: () => taken(api.GET('/api/road-lab')) });
    if (options.isPending) return <LoadingPage what={t('wait.road-lab')} />;
    if (options.isError)
        return (
            <FailedPage
                what={t('wait.road-lab')}
                error={options.error}
                onRetry={() => void options.refetch()}
            />
        );
    return <RoadLab options={options.data} />;
}

function RoadLab({ options }: { options: RoadLabOptions }) {
    const [left, setLeft] = useState<RoadSetting>(() => startingWith(options));
    const [right, setRight] = useState<RoadSetting>(() => ({ ...startingWith(options), controls: false }));
    const [one, other] = [useRoadLab(left), useRoadLab(right)];
    const shown = [
        { name: 'A', play: one.play },
        { name: 'B', play: other.play },
    ].flatMap(({ name, play }) => (play === undefined ? [] : [{ name, play }]));
    return (
        <Page
            title={t('road-lab.title')}
            middle={<LabPlaces />}
            right={<WhoAmI />}
            foot={<span>{t('road-lab.foot')}</span>}
        >
            <div className="flex h-full min-h-0 flex-col gap-2.5">
                {shown.length > 0 && <DriveView shown={shown} />}
                <div className="grid grid-cols-2 gap-3 narrow:grid-cols-1">
                    <DriveSettings
                        name="A"
                        options={options}
                        setting={left}
                        errors={one.errors}
                        onChange={setLeft}
                        onCopy={() => setRight(left)}
                    />
                    <DriveSettings
                        name="B"
                        options={options}
                        setting={right}
                        errors={other.errors}
                        onChange={setRight}
                        onCopy={() => setLeft(right)}
                    />
                </div>
            </div>
        </Page>
    );
}

function startingWith({ cars }: RoadLabOptions): RoadSetting {
    return {
        car: cars[0]!.id,
        footing: 'dry',
        pullsAway: false,
        kilometresPerHour: 60,
        footNewtons: 450,
        loadKilograms: 0,
        controls: true,
        rear: 'as-built',
        defect: '',
        wheel: '',
    };
}
