import type { StationReview } from '../api/types';
import { PaperHeading } from '../ui/Paper';
import { t } from '../words/words';
import { percent } from './possible';

const SHAPES: Record<StationReview['verdict'], string> = {
    sound: '■',
    'over-confident': '▲',
    groundless: '□',
    missed: '◇',
};

/** What was marked on the strip, against the card as it stood before the first repair. */
export function Stations({ stations }: { stations: StationReview[] }) {
    if (stations.length === 0) return null;
    return (
        <div className="mb-3">
            <PaperHeading hint={t('report.stations-hint')}>{t('report.stations')}</PaperHeading>
            <ul className="text-small">
                {stations.map((one) => (
                    <li
                        key={`${one.channel}${one.station}`}
                        className="flex justify-between gap-3 border-b border-rule py-1"
                    >
                        <span>
                            {one.channel === 'car'
                                ? t(`station.${one.station}`)
                                : `${t(`channel.${one.channel}`)}, ${t(`station.${one.station}`)}`}
                            : {t(`mark-word.${one.mark}`)}, {percent(one.chance)}
                        </span>
                        <span className="shrink-0 font-semibold">
                            <span aria-hidden>{SHAPES[one.verdict]}</span>{' '}
                            {t(`station-verdict.${one.verdict}`)}
                        </span>
                    </li>
                ))}
            </ul>
        </div>
    );
}
