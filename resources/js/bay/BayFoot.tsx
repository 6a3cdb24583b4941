import { Link } from 'react-router';
import type { Attempt, News } from '../api/types';
import { SoundSwitch } from '../sound/SoundSwitch';
import { KeyCap } from '../ui/KeyCap';
import { t } from '../words/words';
import { HelpButton } from './HelpButton';
import { PairButton } from './PairButton';

interface Props {
    attempt: Attempt;
    /** What is to be said of the job; empty where nothing is. */
    told: string;
    onDismiss: (() => void) | undefined;
    news: News | undefined;
    askForHelp: ((wanted: boolean) => void) | undefined;
    onCounsel: () => void;
    onKeys: () => void;
}

/** How the job stands, and who and what helps. */
export function BayFoot({ attempt, told, onDismiss, news, askForHelp, onCounsel, onKeys }: Props) {
    return (
        <>
            <span role="status" className={told !== '' ? 'mr-auto font-semibold text-ink' : 'mr-auto'}>
                {attempt.state.concluded ? (
                    <>
                        {t('bay.concluded')}{' '}
                        <Link to={`/report/${attempt.id}`} className="font-semibold text-petrol underline">
                            {t('bay.to-report')}
                        </Link>
                    </>
                ) : (
                    told || t('app.trains')
                )}
                {onDismiss !== undefined && (
                    <button type="button" onClick={onDismiss} className="ml-3 text-petrol underline">
                        {t('app.close')}
                    </button>
                )}
            </span>
            {attempt.counselPoints !== null && !attempt.state.concluded && (
                <>
                    <PairButton attempt={attempt.id} news={news} />
                    <button type="button" onClick={onCounsel} className="shrink-0 text-petrol underline">
                        {t('counsel.ask')}
                    </button>
                </>
            )}
            {!attempt.state.concluded && <HelpButton news={news} onAsk={askForHelp} />}
            <SoundSwitch steps={attempt.steps} />
            <Link to="/handbook" target="_blank" className="shrink-0 text-petrol underline">
                {t('handbook.open')}
            </Link>
            <button type="button" onClick={onKeys} className="flex shrink-0 items-center gap-2">
                <KeyCap>?</KeyCap> {t('bay.keys')}
            </button>
        </>
    );
}
