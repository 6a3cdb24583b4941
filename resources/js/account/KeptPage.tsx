import { Page } from '../app/Page';
import { useSession } from '../app/session';
import { WhoAmI } from '../app/SignedIn';
import { Paper, PaperHeading } from '../ui/Paper';
import { useRowsAsBlocks } from '../ui/useRowsAsBlocks';
import { t } from '../words/words';

const ROWS = ['account', 'steps', 'marks', 'remarks', 'sign-ins', 'log', 'copies'];

/** In plain words: what is kept of whom, for how long, and who sees it. */
export function KeptPage() {
    const holder = useRowsAsBlocks<HTMLDivElement>();
    return (
        <Page title={t('kept.title')} right={useSession().data?.user ? <WhoAmI /> : undefined}>
            <div
                className="h-full max-w-220 overflow-auto"
                tabIndex={0}
                role="group"
                aria-label={t('kept.title')}
            >
                <Paper label={t('kept.title')}>
                    <PaperHeading>{t('kept.title')}</PaperHeading>
                    <p className="mb-3">{t('kept.about')}</p>
                    <div ref={holder} className="rows-as-blocks">
                        <table className="w-full border-collapse text-left">
                            <thead className="border-b border-ink">
                                <tr>
                                    {['what', 'how-long', 'who'].map((column) => (
                                        <th key={column} scope="col" className="px-2 py-1.5">
                                            {t(`kept.${column}`)}
                                        </th>
                                    ))}
                                </tr>
                            </thead>
                            <tbody>
                                {ROWS.map((row) => (
                                    <tr key={row} className="border-b border-rule align-top">
                                        {['what', 'how-long', 'who'].map((column) => (
                                            <td key={column} className="px-2 py-1.5">
                                                {t(`kept.${row}.${column}`)}
                                            </td>
                                        ))}
                                    </tr>
                                ))}
                            </tbody>
                        </table>
                    </div>
                    <p className="mt-3">{t('kept.delete')}</p>
                </Paper>
            </div>
        </Page>
    );
}
