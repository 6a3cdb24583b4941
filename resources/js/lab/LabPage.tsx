import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { api, taken } from '../api/client';
import type { LabOptions, LabSetting } from '../api/types';
import { FailedPage, LoadingPage } from '../app/Loading';
import { Page } from '../app/Page';
import { WhoAmI } from '../app/SignedIn';
import { t } from '../words/words';
import { LabPlaces } from './LabPlaces';
import { LabStand } from './LabStand';
import { startingWith } from './setting';
import { useLab } from './useLab';

/** Free play: one sensor set up twice, side by side, with the formulas and their numbers. */
export function LabPage() {
    const options = useQuery({ queryKey: ['lab'], queryFn: () => taken(api.GET('/api/lab')) });
    if (options.isPending) return <LoadingPage what={t('wait.lab')} />;
    if (options.isError)
        return (
            <FailedPage what={t('wait.lab')} error={options.error} onRetry={() => void options.refetch()} />
        );
    return <Lab options={options.data} />;
}

function Lab({ options }: { options: LabOptions }) {
    const [left, setLeft] = useState<LabSetting>(() => startingWith(options, 'passive'));
    const [right, setRight] = useState<LabSetting>(() => ({
        ...left,
        gapMillimetres: 2 * left.gapMillimetres,
    }));
    const [one, other] = [useLab(left), useLab(right)];
    const swing = Math.max(...[one, other].map((lab) => swingOf(lab.readings?.volts)));

    return (
        <Page
            title={t('lab.title')}
            middle={<LabPlaces />}
            right={<WhoAmI />}
            foot={<span>{t('lab.foot')}</span>}
        >
            <div className="grid h-full grid-cols-2 gap-4">
                <LabStand
                    name="A"
                    options={options}
                    setting={left}
                    lab={one}
                    swing={swing}
                    onChange={setLeft}
                    onCopy={() => setRight(left)}
                />
                <LabStand
                    name="B"
                    options={options}
                    setting={right}
                    lab={other}
                    swing={swing}
                    onChange={setRight}
                    onCopy={() => setLeft(right)}
                />
            </div>
        </Page>
    );
}

/** From the middle to the farthest point of a trace. */
function swingOf(volts: number[] = []): number {
    if (volts.length === 0) return 0;
    return (Math.max(...volts) - Math.min(...volts)) / 2;
}
