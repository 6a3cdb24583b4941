import type { ShownNumber, ShownTrace } from '../../api/types';
import { inUnits } from '../../words/prefixed';
import { t } from '../../words/words';

/** In shares of the screen. */
export type CursorPair = [number, number];

interface Props {
    trace?: ShownTrace;
    cursors: CursorPair;
    onMove: (cursors: CursorPair) => void;
}

/** Two cursors in time, and what lies between them. */
export function Cursors({ trace, cursors, onMove }: Props) {
    if (trace === undefined) return null;
    const seconds = Math.abs(cursors[1] - cursors[0]) * trace.secondsPerSample * trace.steps.length;
    const [left, right] = cursors.map((cursor) => level(trace, cursor)) as CursorPair;
    const lines: [string, string][] = [
        ['seconds', inUnits(seconds, 's')],
        ['hertz', seconds > 0 ? inUnits(1 / seconds, 'Hz') : '–'],
        ['volts', inUnits(right - left, 'V')],
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
            <dl className="grid grid-cols-3 gap-x-3">
                {lines.map(([what, value]) => (
                    <div key={what}>
                        <dt className="text-slate-soft">{t(`scope.between.${what}`)}</dt>
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
