import { t } from '../words/words';

interface Props {
    /** Whether it has been found out. */
    known: boolean;
    /** Whether one of the faults above is silent on this car. */
    among: boolean;
    /** Whether the chosen one is, as it is set. */
    chosen: boolean;
}

/** One line below the faults, from the beginning, so that nothing moves once it is known which of them are silent. */
export function SilentHere({ known, among, chosen }: Props) {
    return (
        <p
            role="status"
            className={`mb-2 border-l-4 pl-2 text-small ${known && chosen ? 'border-amber' : 'border-edge text-ink-soft'}`}
        >
            {known && (chosen || among) && (
                <>
                    <Ring />{' '}
                </>
            )}
            {said(known, among, chosen)}
        </p>
    );
}

/** A place for the mark after each fault, whether it has one or not. */
export function SilentMark({ is }: { is: boolean }) {
    return (
        <span className="inline-block w-4 text-right">
            {is && (
                <>
                    <span className="sr-only">, {t('bench.silent-here')}</span>
                    <Ring />
                </>
            )}
        </span>
    );
}

function Ring() {
    return (
        <svg aria-hidden viewBox="0 0 12 12" className="inline-block size-3 align-baseline">
            <circle
                cx="6"
                cy="6"
                r="4.5"
                fill="none"
                stroke="currentColor"
                strokeWidth="1.6"
                strokeDasharray="2.4 2.3"
            />
        </svg>
    );
}

function said(known: boolean, among: boolean, chosen: boolean): string {
    if (!known) {
        return t('bench.silent-asked');
    }
    if (chosen) {
        return t('bench.silent-here-why');
    }
    return among ? t('bench.silent-mark') : t('bench.silent-none');
}
