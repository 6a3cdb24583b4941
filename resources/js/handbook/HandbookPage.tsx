import { useQuery } from '@tanstack/react-query';
import { Tabs } from 'radix-ui';
import { api, taken } from '../api/client';
import { FailedPage, LoadingPage } from '../app/Loading';
import { Page } from '../app/Page';
import { WhoAmI } from '../app/SignedIn';
import { t } from '../words/words';
import { Basics } from './Basics';
import { Codes } from './Codes';
import { Faults } from './Faults';
import { OnTheRoad } from './OnTheRoad';
import { Tests } from './Tests';

const PAGES = {
    basics: <Basics />,
    tests: <Tests />,
    road: <OnTheRoad />,
    codes: <Codes />,
    faults: <Faults />,
};
type PageName = keyof typeof PAGES;

/** What one looks up. */
export function HandbookPage() {
    const room = useQuery({ queryKey: ['handbook'], queryFn: isOpen, gcTime: 0 });
    if (room.isPending) return <LoadingPage what={t('wait.handbook')} />;
    if (room.isError)
        return (
            <FailedPage what={t('wait.handbook')} error={room.error} onRetry={() => void room.refetch()} />
        );
    return <OpenHandbook />;
}

/** In some examinations it stays closed. */
async function isOpen() {
    await taken(api.GET('/api/handbook'));
    return true;
}

function OpenHandbook() {
    return (
        <Tabs.Root defaultValue="basics" className="h-full">
            <Page
                title={t('handbook.title')}
                middle={
                    <Tabs.List aria-label={t('handbook.title')} className="flex gap-6">
                        {(Object.keys(PAGES) as PageName[]).map((name) => (
                            <Tabs.Trigger
                                key={name}
                                value={name}
                                className="border-b-2 border-transparent py-1 text-ink-soft data-[state=active]:border-petrol data-[state=active]:font-semibold data-[state=active]:text-ink"
                            >
                                {t(`handbook.page.${name}`)}
                            </Tabs.Trigger>
                        ))}
                    </Tabs.List>
                }
                right={<WhoAmI />}
            >
                {(Object.keys(PAGES) as PageName[]).map((name) => (
                    <Tabs.Content key={name} value={name} className="h-full" tabIndex={-1}>
                        {PAGES[name]}
                    </Tabs.Content>
                ))}
            </Page>
        </Tabs.Root>
    );
}
