import { useState } from 'react';
import { Link } from 'react-router';
import { useTitle } from '../app/useTitle';
import { Paper } from '../ui/Paper';
import { t } from '../words/words';
import { AskForm } from './AskForm';
import { CodeForm } from './CodeForm';
import { Waiting } from './Waiting';

export interface Class {
    code: string;
    group: string;
    listed: { id: number; name: string }[];
}

/** What was asked for outlives a reload of the page, as long as the browser is open. */
const KEPT = 'lernfall.asked-to-join';

interface Asked {
    group: string;
    token: string;
}

/** From the code of a class to the own jobs: the code, who one is, and waiting to be let in. */
export function JoinPage() {
    useTitle(t('join.title'));
    const [found, setFound] = useState<Class | null>(null);
    const [asked, setAsked] = useState<Asked | null>(kept);
    const ask = (next: Asked | null) => {
        if (next === null) sessionStorage.removeItem(KEPT);
        else sessionStorage.setItem(KEPT, JSON.stringify(next));
        setAsked(next);
    };

    return (
        <main className="flex h-full flex-col items-center justify-center gap-4 p-4">
            <div className="corner-marks max-w-full p-8 narrow:p-3">
                <Paper label={t('join.lead')} className="w-96 max-w-full">
                    <h1 className="text-title">
                        Lern<span className="text-petrol">fall</span>
                    </h1>
                    <p className="mb-4 text-ink-soft">{found?.group ?? t('join.lead')}</p>
                    {asked !== null ? (
                        <Waiting
                            group={asked.group}
                            token={asked.token}
                            onLetIn={() => sessionStorage.removeItem(KEPT)}
                            onAgain={() => {
                                ask(null);
                                setFound(null);
                            }}
                        />
                    ) : found === null ? (
                        <CodeForm onFound={setFound} />
                    ) : (
                        <AskForm found={found} onAsked={(token) => ask({ group: found.group, token })} />
                    )}
                </Paper>
            </div>
            <Link to="/sign-in" className="text-petrol underline">
                {t('join.back')}
            </Link>
        </main>
    );
}

function kept(): Asked | null {
    const text = sessionStorage.getItem(KEPT);
    return text === null ? null : (JSON.parse(text) as Asked);
}
