import type { ReactNode } from 'react';
import type { Observation } from '../api/types';
import { display } from '../words/quantities';
import { isNumber } from '../words/shown';
import { t } from '../words/words';

interface Props {
    /** What a screen reader calls it. */
    label: string;
    shown: Observation['values'][string] | undefined;
    step?: { number: number };
    /** How the instrument was set. */
    settings: ReactNode;
    children?: ReactNode;
}

/** What an instrument showed last, large; how it was set and at which step beneath. */
export function BigReading({ label, shown, step, settings, children }: Props) {
    if (step === undefined || !isNumber(shown)) {
        return (
            <p role="status" className="tabular py-3 text-right text-title text-slate-soft">
                {t('bay.nothing-shown')}
            </p>
        );
    }
    const { digits, unit } = display(shown);
    return (
        <div role="status" aria-label={label}>
            <p className="tabular text-right text-reading">
                <span
                    className={
                        shown.overload
                            ? 'inline-block py-3 font-sans text-title font-semibold'
                            : 'text-display tracking-tighter'
                    }
                >
                    {digits}
                </span>{' '}
                <span className="text-title">{unit}</span>
            </p>
            <p className="tabular flex justify-between gap-2 text-small text-slate-soft">
                <span>{settings}</span>
                <span className="shrink-0">{t('bay.step', { step: step.number })}</span>
            </p>
            {children}
        </div>
    );
}
