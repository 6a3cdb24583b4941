import { useId, useState } from 'react';
import { fixed } from '../../words/reader';
import { t } from '../../words/words';
import { RecordedChart } from './RecordedChart';
import { RecordedMoments } from './RecordedMoments';
import type { RecordedStop } from './recorded';

const CURSORS = [0, 1] as const;

/** A recorded stop with two moments to read it at: what each wheel did, and what the module wanted. */
export function StopRecording({ stop }: { stop: RecordedStop }) {
    const last = stop.reference.length - 1;
    const second = (sample: number) => sample * stop.secondsPerSample;
    const marked = stop.mark === null ? 0 : Math.min(last, Math.round(stop.mark / stop.secondsPerSample));
    const [samples, setSamples] = useState<[number, number]>([marked, last]);
    const id = useId();
    const move = (which: 0 | 1, to: number) => setSamples(which === 0 ? [to, samples[1]] : [samples[0], to]);
    return (
        <>
            <RecordedChart stop={stop} cursors={[second(samples[0]), second(samples[1])]} />
            <p className="text-small text-slate-soft">{t('stop-record.legend')}</p>
            <p className="text-small">
                {stop.mark === null
                    ? t('stop-record.no-mark')
                    : t('stop-record.mark', { seconds: fixed(stop.mark, 2) })}
            </p>
            {CURSORS.map((which) => (
                <label
                    key={which}
                    htmlFor={`${id}${which}`}
                    className="flex items-center gap-2 text-small text-slate-soft"
                >
                    <span className="w-16 shrink-0">{t('stop-record.cursor', { number: which + 1 })}</span>
                    <input
                        id={`${id}${which}`}
                        type="range"
                        min={0}
                        max={last}
                        value={samples[which]}
                        aria-valuetext={t('stop-record.at', { seconds: fixed(second(samples[which]), 2) })}
                        onChange={(event) => move(which, Number(event.target.value))}
                        className="min-w-0 flex-auto accent-slate-text"
                    />
                    <span className="tabular w-12 text-right text-slate-text">
                        {fixed(second(samples[which]), 2)}
                    </span>
                </label>
            ))}
            <RecordedMoments
                stop={stop}
                samples={samples}
                columns={[t('stop-record.cursor', { number: 1 }), t('stop-record.cursor', { number: 2 })]}
                label={t('stop-record.read')}
            />
            <p className="tabular text-small">
                {t('stop-record.between', {
                    seconds: fixed(Math.abs(second(samples[1]) - second(samples[0])), 2),
                })}
            </p>
            <details className="text-small">
                <summary className="cursor-pointer">{t('stop-record.table')}</summary>
                <div
                    className="max-h-72 overflow-auto"
                    tabIndex={0}
                    role="group"
                    aria-label={t('stop-record.table')}
                >
                    <RecordedMoments
                        stop={stop}
                        samples={Array.from({ length: Math.ceil((last + 1) / 5) }, (_, index) => index * 5)}
                        label={t('stop-record.table')}
                    />
                </div>
            </details>
        </>
    );
}
