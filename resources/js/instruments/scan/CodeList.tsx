import type { Observation } from '../../api/types';
import { displayed } from '../../words/quantities';
import { Explain } from '../../ui/Explain';
import { isNumber } from '../../words/shown';
import { t } from '../../words/words';

const STATES = ['present', 'pending', 'history'];

/** The codes of a module with their state, what was noted when they were set, and which tests have run since clearing. */
export function CodeList({ observation: { values } }: { observation: Observation }) {
    const stored = Object.entries(values).filter(([, word]) => STATES.includes(String(word)));
    return (
        <>
            {values.answer === 'other' && (
                <p className="text-small text-slate-soft">{t('scan.other-system')}</p>
            )}
            {stored.length === 0 && <p className="text-reading">{t('bay.none-stored')}</p>}
            <ul>
                {stored.map(([code, status]) => (
                    <li key={code} className="border-b border-slate-line py-1 text-reading">
                        <p className="flex justify-between">
                            <span className="flex items-center gap-2">
                                <span className="tabular text-large">{code}</span>
                                <Explain onSlate what={code} text={t(`help.code.${codeShape(code)}`)} />
                            </span>
                            <span>{t(`code-status.${String(status)}`)}</span>
                        </p>
                        <p className="tabular text-small text-slate-soft">
                            {details(values, code).join(' · ')}
                        </p>
                    </li>
                ))}
            </ul>
            <Retested values={values} />
        </>
    );
}

/** How it is built: with a failure type, without one, or of digits alone. */
function codeShape(code: string): 'with-type' | 'letter' | 'digits' {
    if (!/^[A-Z]/.test(code)) return 'digits';
    return code.includes('-') ? 'with-type' : 'letter';
}

function details(values: Observation['values'], code: string): string[] {
    const word = (name: string) => values[`${code}.${name}`];
    const speed = word('speed');
    const volts = word('volts');
    return [
        ...(word('own') === undefined ? [] : [t('scan.own', { number: String(word('own')) })]),
        ...(word('byte') === undefined ? [] : [t('scan.byte', { byte: String(word('byte')) })]),
        ...(isNumber(speed) ? [t('scan.at', { value: displayed(speed) })] : []),
        ...(word('steering') === undefined ? [] : [t(`steering.${String(word('steering'))}`)]),
        ...(isNumber(volts) ? [displayed(volts)] : []),
    ];
}

/** A test that has not run since clearing can have found nothing. */
function Retested({ values }: { values: Observation['values'] }) {
    const waiting = Object.entries(values)
        .filter(([name, word]) => name.startsWith('test.') && word === 'not-retested')
        .map(([name]) => t(`failure.${name.slice('test.'.length)}`));
    if (values.answer !== 'yes') return null;
    return (
        <p className="mt-1 text-small text-slate-soft">
            {waiting.length === 0
                ? t('scan.all-tested')
                : t('scan.not-retested', { tests: waiting.join(', ') })}
        </p>
    );
}
