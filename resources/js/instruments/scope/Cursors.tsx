import type { ShownNumber, ShownTrace } from '../../api/types';
import { inUnits } from '../../words/prefixed';
import { t } from '../../words/words';

/** In shares of the screen. */
export type CursorPair = [number, number];

interface Props {
    /** Of the inputs that are on; what is written down is of the first. */
    traces: ShownTrace[];
    cursors: CursorPair;
    onMove: (cursors: CursorPair) => void;
}

/** Two cursors in time, and what lies between them on each input. */
export function Cursors({ traces, cursors, onMove }: Props) {
    const [trace] = traces;
    if (trace === undefined) return null;
    const seconds = Math.abs(cursors[1] - cursors[0]) * trace.secondsPerSample * trace.steps.length;
    const lines: [string, string][] = [
        [t('scope.between.seconds'), inUnits(seconds, 's')],
        [t('scope.between.hertz'), seconds > 0 ? inUnits(1 / seconds, 'Hz') : '–'],
        ...traces.map((one, index): [string, string] => [
            traces.length > 1 ? t('scope.between.volts-of', { input: index + 1 }) : t('scope.between.volts'),
            inUnits(level(one, cursors[1]) - level(one, cursors[0]), 'V'),
        ]),
    ];
    return (
        <div className="text-small">
            {([0, 1] as const).map((which) => (
                <input
                    key={which}
                    type="range"
                    min={0}
                    max={1}
                    step={0.002}
                    value={cursors[which]}
                    aria-label={t(which === 0 ? 'scope.cursor-left' : 'scope.cursor-right')}
                    onChange={({ target }) =>
                        onMove(
                            which === 0
                                ? [Number(target.value), cursors[1]]
                                : [cursors[0], Number(target.value)],
                        )
                    }
                    className="block w-full accent-slate-soft"
                />
            ))}
            <dl className={`grid gap-x-3 ${traces.length > 1 ? 'grid-cols-2' : 'grid-cols-3'}`}>
                {lines.map(([what, value]) => (
                    <div key={what}>
                        <dt className="text-slate-soft">{what}</dt>
                        <dd className="tabular text-reading">{value}</dd>
                    </div>
                ))}
            </dl>
        </div>
    );
}

function level({ steps, voltsPerStep }: ShownTrace, cursor: number): number {
    return steps[Math.min(steps.length - 1, Math.round(cursor * steps.length))]! * voltsPerStep;
}

const UNITS: Record<string, ShownNumber['unit']> = {
    'between.seconds': 'seconds',
    'between.hertz': 'hertz',
    'between.volts': 'volts',
};

/** What lies between the cursors as it is written down: with where they stood, in thousandths of the screen. */
export function nameBetween(
    feature: string,
    cursors: CursorPair,
): { name: string; unit: ShownNumber['unit'] } | undefined {
    const unit = UNITS[feature];
    return unit === undefined
        ? undefined
        : { name: [feature, ...cursors.map((one) => Math.round(one * 1000))].join('.'), unit };
}
