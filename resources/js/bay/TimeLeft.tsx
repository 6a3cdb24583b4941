import { useEffect, useState } from 'react';
import type { News } from '../api/types';
import { t } from '../words/words';

/** From so many minutes on it stands out. */
const SHORT_MINUTES = 5;

/** How long one may still work, by the clock: at the car, then at the card alone. */
export function TimeLeft({ news, ahead }: { news: News; ahead: number }) {
    const now = useNow() + ahead;
    if (news.paused)
        return (
            <strong role="status">
                <span aria-hidden>▮▮ </span>
                {t('lesson.pausing')}
            </strong>
        );
    if (news.endsAt === null || news.cardUntil === null) return null;
    const atCar = minutes(news.endsAt, now);
    const atCard = minutes(news.cardUntil, now);
    const isShort = atCar < SHORT_MINUTES;
    return (
        <span className={isShort ? 'font-bold' : undefined} role={isShort ? 'status' : undefined}>
            <span aria-hidden>{isShort ? '△ ' : '◷ '}</span>
            {atCar > 0
                ? t('lesson.minutes-left', { count: atCar })
                : t('lesson.card-minutes-left', { count: Math.max(1, atCard) })}
        </span>
    );
}

/** Begun minutes. */
function minutes(until: string, now: number): number {
    return Math.max(0, Math.ceil((Date.parse(until) - now) / 60000));
}

function useNow(): number {
    const [now, setNow] = useState(() => Date.now());
    useEffect(() => {
        const every = setInterval(() => setNow(Date.now()), 1000);
        return () => clearInterval(every);
    }, []);
    return now;
}
