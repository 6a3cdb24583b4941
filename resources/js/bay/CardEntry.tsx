import type { ReactNode } from 'react';
import { t } from '../words/words';

interface Props {
    number: number;
    /** What it is called, for those who hear it. */
    name: string;
    isStruck: boolean;
    /** Null where nothing can be struck out any more. */
    onStrike: ((entry: number) => void) | null;
    children: ReactNode;
}

/** One line of the job card. What was struck out stays legible, and says so. */
export function CardEntry({ number, name, isStruck, onStrike, children }: Props) {
    return (
        <li className="border-b border-rule py-0.5">
            <div className={isStruck ? 'text-ink-soft line-through' : ''}>{children}</div>
            {isStruck ? (
                <span className="text-small text-ink-soft">{t('bay.struck-out')}</span>
            ) : (
                onStrike !== null && (
                    <button
                        type="button"
                        className="text-small text-petrol underline"
                        aria-label={t('bay.strike-out-entry', { entry: name })}
                        onClick={() => onStrike(number)}
                    >
                        {t('bay.strike-out')}
                    </button>
                )
            )}
        </li>
    );
}
