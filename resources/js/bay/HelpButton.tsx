import type { News } from '../api/types';
import { t } from '../words/words';

interface Props {
    news: News | undefined;
    /** Undefined where nobody is there to ask. */
    onAsk: ((wanted: boolean) => void) | undefined;
}

/** Raises the hand, and lowers it. */
export function HelpButton({ news, onAsk }: Props) {
    if (news === undefined || onAsk === undefined) return null;
    return (
        <button
            type="button"
            aria-pressed={news.helpWanted}
            onClick={() => onAsk(!news.helpWanted)}
            className="shrink-0 text-petrol underline"
        >
            {news.helpWanted ? `✓ ${t('lesson.help-asked')}` : t('lesson.ask-help')}
        </button>
    );
}
