import type { ReactNode } from 'react';
import { Link } from 'react-router';
import { t } from '../words/words';

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
    return (
        <div className="grid h-full page-rows">
            <header className="flex items-center gap-5 px-4 marked-below">
                <Link to="/" className="text-large font-bold">
                    Lern<span className="text-petrol">fall</span>
                </Link>
                {title !== undefined && <h1 className="min-w-0 truncate">{title}</h1>}
                <div className="flex flex-1 justify-center">{middle}</div>
                <div className="flex items-center gap-3">{right}</div>
            </header>
            <main aria-busy={busy} className="min-h-0 min-w-0 p-3.5">
                {children}
            </main>
            <footer className="flex items-center justify-between gap-6 px-4 text-small text-ink-soft marked-above no-print">
                {foot ?? t('app.trains')}
            </footer>
        </div>
    );
}
