import { useEffect, useState } from 'react';
import { Button } from '../../ui/Button';
import { t } from '../../words/words';
import { fixed } from '../../words/reader';

const STILL = ['on', 'off', 'blinks'];
/** Enough of a list to see where it begins again. */
const STRIP_SECONDS = 24;
const STRIP = { width: 288, row: 26, rows: 2 };

/** The lamp as it was watched, in its true rhythm, to be counted; drawn as a strip for whoever cannot follow blinking. */
export function BlinkingLamp({ seen }: { seen: string }) {
    const [asStrip, setAsStrip] = useState(
        () => window.matchMedia('(prefers-reduced-motion: reduce)').matches,
    );
    if (STILL.includes(seen)) return <p className="text-reading">{t(`lamp-watched.${seen}`)}</p>;
    const seconds = seen.split(' ').map(Number);
    return (
        <>
            {asStrip ? <Strip seconds={seconds} /> : <Lamp seconds={seconds} />}
            <p className="text-small text-slate-soft">{t('lamp-code.count')}</p>
            <Button kind="slate-line" className="mt-1 w-full" onClick={() => setAsStrip(!asStrip)}>
                {t(asStrip ? 'lamp-code.as-lamp' : 'lamp-code.as-strip')}
            </Button>
        </>
    );
}

/** Begins with the last pause, so that a list is seen from its first blink. */
function Lamp({ seconds }: { seconds: number[] }) {
    const [phase, setPhase] = useState(seconds.length - 1);
    useEffect(() => {
        const waiting = window.setTimeout(
            () => setPhase((phase + 1) % seconds.length),
            (seconds[phase] ?? 1) * 1000,
        );
        return () => window.clearTimeout(waiting);
    }, [phase, seconds]);
    const lit = phase % 2 === 0;
    return (
        <div className="flex justify-center py-3">
            <span
                data-lit={lit}
                role="img"
                aria-label={t('lamp-code.lamp')}
                className={`flex size-24 items-center justify-center rounded-full border-4 text-large font-bold ${lit ? 'border-amber bg-amber-lit text-ink' : 'border-slate-line bg-slate text-slate-soft'}`}
            >
                {t('lamp.abs')}
            </span>
        </div>
    );
}

function Strip({ seconds }: { seconds: number[] }) {
    const perRow = STRIP_SECONDS / STRIP.rows;
    const bars: { from: number; to: number }[] = [];
    for (let at = 0.4, index = 0; at < STRIP_SECONDS; index++) {
        const span = seconds[index % seconds.length] ?? 1;
        if (index % 2 === 0) bars.push({ from: at, to: Math.min(STRIP_SECONDS, at + span) });
        at += span;
    }
    return (
        <svg
            viewBox={`0 0 ${STRIP.width} ${STRIP.row * STRIP.rows}`}
            role="img"
            aria-label={t('lamp-code.strip', {
                list: seconds
                    .map((one, index) =>
                        t(index % 2 === 0 ? 'lamp-code.lit-for' : 'lamp-code.dark-for', {
                            seconds: fixed(one, 1),
                        }),
                    )
                    .join(', '),
            })}
            className="my-2 w-full"
        >
            {Array.from({ length: STRIP.rows }, (_, row) => (
                <line
                    key={row}
                    x1={0}
                    x2={STRIP.width}
                    y1={row * STRIP.row + 21}
                    y2={row * STRIP.row + 21}
                    className="stroke-slate-soft"
                />
            ))}
            {bars.map(({ from, to }) => {
                const row = Math.floor(from / perRow);
                const x = ((from % perRow) / perRow) * STRIP.width;
                return (
                    <rect
                        key={from}
                        x={x}
                        y={row * STRIP.row + 4}
                        width={Math.min(STRIP.width - x, ((to - from) / perRow) * STRIP.width)}
                        height={17}
                        className="fill-amber-lit"
                    />
                );
            })}
        </svg>
    );
}
