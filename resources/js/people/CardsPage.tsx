import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { api, taken } from '../api/client';
import { Failed, Loading } from '../app/Loading';
import { Page } from '../app/Page';
import { useAddress } from '../app/session';
import { WhoAmI } from '../app/SignedIn';
import { Button } from '../ui/Button';
import { t } from '../words/words';

/** A card to cut out for everybody who has not signed in yet. */
export function CardsPage() {
    const address = useAddress();
    const cards = useQuery({
        queryKey: ['cards'],
        queryFn: () => taken(api.GET('/api/people/cards')),
        gcTime: 0,
    });

    return (
        <Page
            title={t('cards.title')}
            right={
                <span className="flex items-center gap-3 no-print">
                    <Button onClick={() => window.print()}>{t('report.print')}</Button>
                    <WhoAmI />
                </span>
            }
        >
            <div className="h-full overflow-auto" tabIndex={0} role="group" aria-label={t('cards.title')}>
                <p className="mb-3 max-w-150 no-print">
                    {t(cards.data?.length === 0 ? 'cards.none' : 'cards.about')}{' '}
                    <Link to="/people" className="text-petrol underline">
                        {t('roster.back')}
                    </Link>
                </p>
                {cards.isPending && <Loading what={t('wait.cards')} />}
                {cards.isError && <Failed error={cards.error} onRetry={() => void cards.refetch()} />}
                <ul className="grid grid-cols-3 gap-3">
                    {cards.data?.map((card) => (
                        <li key={card.signIn} className="border border-dashed border-ink-soft bg-paper p-4">
                            <p className="mb-2 text-large font-bold">{card.name}</p>
                            <dl className="grid grid-cols-[auto_1fr] items-baseline gap-x-3 gap-y-1">
                                <dt className="text-small text-ink-soft">{t('cards.address')}</dt>
                                <dd className="font-mono text-small break-all">{address}</dd>
                                <dt className="text-small text-ink-soft">{t('people.sign-in')}</dt>
                                <dd className="font-mono">{card.signIn}</dd>
                                <dt className="text-small text-ink-soft">{t('people.password')}</dt>
                                <dd className="font-mono text-large">
                                    {card.password ?? t('cards.not-kept')}
                                </dd>
                            </dl>
                        </li>
                    ))}
                </ul>
            </div>
        </Page>
    );
}
