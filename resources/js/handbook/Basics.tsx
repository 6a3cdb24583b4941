import { Paper, PaperHeading } from '../ui/Paper';
import { t } from '../words/words';
import { ShowTheBay } from './ShowTheBay';
import { Calculator, CALCULATORS } from './Calculator';

const SENSORS = ['passive', 'current', 'pulse-width', 'sinking', 'sourcing'] as const;
const ORDER = [1, 2, 3, 4, 5, 6, 7, 8, 9, 10];
const CAUTIONS = [1, 2, 3, 4, 5, 6];
const MARKS = [1, 2, 3];

/** Sensors and how they are checked, the order of work, cautions, calculators. */
export function Basics() {
    return (
        <div className="grid h-full grid-cols-3 gap-4">
            <Paper label={t('handbook.sensors')} className="h-full">
                <PaperHeading>{t('handbook.sensors')}</PaperHeading>
                <dl className="min-h-0 flex-1 overflow-auto" tabIndex={0}>
                    {SENSORS.map((sensor) => (
                        <div key={sensor} className="border-b border-rule py-2">
                            <dt className="font-semibold first-letter:uppercase">
                                {t(`technology.${sensor}`)}
                            </dt>
                            <dd>{t(`handbook.${sensor}.what`)}</dd>
                            <dd className="mt-1 border-l-4 border-petrol pl-2">
                                {t(`handbook.${sensor}.check`)}
                            </dd>
                        </div>
                    ))}
                </dl>
            </Paper>
            <Paper label={t('handbook.order')} className="h-full">
                <div
                    className="min-h-0 flex-1 overflow-auto"
                    tabIndex={0}
                    role="group"
                    aria-label={t('handbook.order')}
                >
                    <PaperHeading>{t('handbook.order')}</PaperHeading>
                    <ol className="mb-3 list-decimal pl-6">
                        {ORDER.map((step) => (
                            <li key={step} className="py-0.5">
                                {t(`handbook.order.${step}`)}
                            </li>
                        ))}
                    </ol>
                    <PaperHeading>{t('handbook.cautions')}</PaperHeading>
                    <ul className="mb-3 border-l-4 border-amber pl-3">
                        {CAUTIONS.map((caution) => (
                            <li key={caution} className="py-0.5">
                                {t(`handbook.caution.${caution}`)}
                            </li>
                        ))}
                    </ul>
                    <PaperHeading>{t('handbook.marks')}</PaperHeading>
                    <ul>
                        {MARKS.map((mark) => (
                            <li key={mark} className="py-0.5">
                                {t(`handbook.mark.${mark}`)}
                            </li>
                        ))}
                    </ul>
                </div>
            </Paper>
            <section
                aria-label={t('handbook.calculators')}
                className="flex min-h-0 flex-col gap-3 overflow-auto"
            >
                <ShowTheBay />
                <h2>{t('handbook.calculators')}</h2>
                {CALCULATORS.map((calculator) => (
                    <Calculator key={calculator.what} calculator={calculator} />
                ))}
            </section>
        </div>
    );
}
