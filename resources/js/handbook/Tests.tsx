import { Paper, PaperHeading } from '../ui/Paper';
import { t } from '../words/words';

/** In the order in which one comes to them. */
const TESTS = [1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12, 17, 13, 14, 15, 16, 20, 18, 19, 21, 22, 23, 24, 25];

/** Every usual test: how it is done, what a sound part shows, and what it does not tell. */
export function Tests() {
    return (
        <Paper label={t('handbook.page.tests')} className="h-full">
            <PaperHeading>{t('handbook.page.tests')}</PaperHeading>
            <dl className="grid min-h-0 flex-1 auto-rows-min grid-cols-2 gap-x-8 overflow-auto" tabIndex={0}>
                {TESTS.map((test) => (
                    <div key={test} className="border-b border-rule py-2">
                        <dt className="font-semibold">{t(`handbook.test.${test}`)}</dt>
                        <dd>{t(`handbook.test.${test}.how`)}</dd>
                        <dd className="mt-1 border-l-4 border-petrol pl-2">
                            {t(`handbook.test.${test}.tells`)}
                        </dd>
                    </div>
                ))}
            </dl>
        </Paper>
    );
}
