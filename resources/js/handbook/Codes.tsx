import { Paper, PaperHeading } from '../ui/Paper';
import { t } from '../words/words';

const STATES = ['present', 'pending', 'history', 'not-retested'] as const;
const BITS = [0, 1, 2, 3, 4, 5, 6, 7];
const FAILURES = ['standstill', 'no-signal', 'erratic', 'pattern', 'weak', 'deviation'] as const;
const TRAPS = [1, 2, 3, 4, 5, 6];
const LAMP = [1, 2, 3, 4, 5, 6];
const WITHOUT = [1, 2, 3, 4];

/** What codes say and what they do not, how they are read and how they end. */
export function Codes() {
    return (
        <div className="grid h-full grid-cols-3 gap-4">
            <Paper label={t('handbook.codes.states')} className="h-full">
                <Scrolling label={t('handbook.codes.states')}>
                    <PaperHeading>{t('handbook.codes.states')}</PaperHeading>
                    <Terms
                        names={STATES.map((one) => [
                            t(`handbook.codes.state.${one}`),
                            t(`handbook.codes.state.${one}.is`),
                        ])}
                    />
                    <PaperHeading hint="ISO 14229-1">{t('handbook.codes.byte')}</PaperHeading>
                    <Terms
                        names={BITS.map((bit) => [
                            t('handbook.codes.bit', { bit }),
                            t(`handbook.codes.bit.${bit}`),
                        ])}
                    />
                </Scrolling>
            </Paper>
            <Paper label={t('handbook.codes.classes')} className="h-full">
                <Scrolling label={t('handbook.codes.classes')}>
                    <PaperHeading>{t('handbook.codes.classes')}</PaperHeading>
                    <Terms
                        names={FAILURES.map((one) => [
                            t(`handbook.codes.class.${one}`),
                            t(`handbook.codes.class.${one}.is`),
                        ])}
                    />
                    <PaperHeading>{t('handbook.codes.without')}</PaperHeading>
                    <List items={WITHOUT.map((one) => t(`handbook.codes.without.${one}`))} />
                </Scrolling>
            </Paper>
            <Paper label={t('handbook.codes.lamp')} className="h-full">
                <Scrolling label={t('handbook.codes.lamp')}>
                    <PaperHeading>{t('handbook.codes.lamp')}</PaperHeading>
                    <List items={LAMP.map((one) => t(`handbook.codes.lamp.${one}`))} />
                    <PaperHeading>{t('handbook.codes.traps')}</PaperHeading>
                    <List items={TRAPS.map((one) => t(`handbook.codes.trap.${one}`))} />
                </Scrolling>
            </Paper>
        </div>
    );
}

function Scrolling({ label, children }: { label: string; children: React.ReactNode }) {
    return (
        <div className="min-h-0 flex-1 overflow-auto" tabIndex={0} role="group" aria-label={label}>
            {children}
        </div>
    );
}

function Terms({ names }: { names: string[][] }) {
    return (
        <dl className="mb-3">
            {names.map(([name, meaning]) => (
                <div key={name} className="border-b border-rule py-1">
                    <dt className="font-semibold">{name}</dt>
                    <dd>{meaning}</dd>
                </div>
            ))}
        </dl>
    );
}

function List({ items }: { items: string[] }) {
    return (
        <ul className="mb-3">
            {items.map((item) => (
                <li key={item} className="border-b border-rule py-1">
                    {item}
                </li>
            ))}
        </ul>
    );
}
