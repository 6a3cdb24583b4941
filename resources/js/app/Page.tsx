import { useEffect, useRef, type ReactNode } from 'react';
import { Link } from 'react-router';
import { t } from '../words/words';
import { useKeptFocus } from './useKeptFocus';
import { nameWindow } from './useTitle';

interface Props {
    title?: ReactNode;
    middle?: ReactNode;
    right?: ReactNode;
    foot?: ReactNode;
    /** Something the person did is still under way. */
    busy?: boolean;
    children: ReactNode;
}

/** The workshop floor with its painted lines: header, work, footer. */
export function Page({ title, middle, right, foot, busy = false, children }: Props) {
    const heading = useRef<HTMLHeadingElement>(null);
    const work = useRef<HTMLElement>(null);
    useKeptFocus(busy);
    useEffect(() => nameWindow(heading.current?.textContent ?? ''));
    return (
        <div className="grid h-full page-rows">
            <header className="flex items-center gap-5 px-4 marked-below narrow:flex-wrap narrow:gap-x-4 narrow:gap-y-1 narrow:py-2">
                <button
                    type="button"
                    className="sr-only focus:not-sr-only focus:underline"
                    onClick={() => work.current?.focus()}
                >
                    {t('app.to-work')}
                </button>
                <Link to="/" aria-label={`Lernfall: ${t('app.home')}`} className="text-large font-bold">
                    Lern<span className="text-petrol">fall</span>
                </Link>
                {title !== undefined && (
                    <h1 ref={heading} className="min-w-0 truncate narrow:flex-1 narrow:whitespace-normal">
                        {title}
                    </h1>
                )}
                <div className="flex flex-1 justify-center narrow:order-last narrow:w-full narrow:flex-auto narrow:justify-start narrow:empty:hidden">
                    {middle}
                </div>
                <div className="flex items-center gap-3 narrow:order-last narrow:w-full narrow:gap-y-0">
                    {right}
                </div>
            </header>
            <main ref={work} tabIndex={-1} aria-busy={busy} className="flex min-h-0 min-w-0 flex-col p-3.5">
                {children}
            </main>
            <footer className="flex items-center justify-between gap-6 px-4 text-small text-ink-soft marked-above no-print narrow:flex-wrap narrow:gap-x-4 narrow:gap-y-1 narrow:py-2">
                {foot ?? t('app.trains')}
            </footer>
        </div>
    );
}
