import { scaleLinear, scalePow } from 'd3-scale';
import { line } from 'd3-shape';
import { Link } from 'react-router';
import type { RoadPlay } from '../api/types';
import { fixed, number } from '../words/reader';
import { t } from '../words/words';
import { type Shown, type Surface, percent, sampleAt } from './drive';

const SIZE = { width: 330, height: 112 };
const LEFT = 26;
const FOOT = SIZE.height - 18;
const PERCENTS = [0, 5, 20, 50, 100];
const DASHES: Record<Surface, string | undefined> = {
    dry: undefined,
    wet: '7 3',
    snow: '2 3',
    ice: '1 4',
    gravel: '9 3 2 3',
};
/** What a turn of the road is told in. */
const TURNS = 5;

/** Grip against slip: the curves of what the wheels stand on, and where each wheel is on them at the moment. */
export function GripCurve({ shown, second }: { shown: Shown[]; second: number }) {
    const x = scalePow([0, 1], [LEFT, SIZE.width - 14]).exponent(0.5);
    const y = scaleLinear([0, 1.25], [FOOT, 6]);
    const curves = new Map(shown.flatMap(({ play }) => play.curves).map((one) => [one.surface, one.grip]));
    return (
        <section
            aria-label={t('road.grip')}
            className="on-slate rounded-part bg-slate px-3 py-2 text-slate-text"
        >
            <div className="flex items-baseline justify-between gap-2">
                <h2 className="text-base">{t('road.grip')}</h2>
                <Link to="/handbook" className="text-small text-slate-text underline">
                    {t('road.slip-calculator')}
                </Link>
            </div>
            <svg
                viewBox={`0 0 ${SIZE.width} ${SIZE.height}`}
                role="img"
                aria-label={shown.map((one) => spoken(one, second)).join('; ')}
                className="w-full"
            >
                {[0, 0.5, 1].map((tick) => (
                    <g key={tick}>
                        <line
                            x1={LEFT}
                            x2={SIZE.width - 14}
                            y1={y(tick)}
                            y2={y(tick)}
                            className="stroke-slate-line"
                        />
                        <text
                            x={LEFT - 4}
                            y={y(tick) + 3.5}
                            textAnchor="end"
                            className="tabular fill-slate-soft text-[10px]"
                        >
                            {fixed(tick, 1)}
                        </text>
                    </g>
                ))}
                {PERCENTS.map((tick) => (
                    <text
                        key={tick}
                        x={x(tick / 100)}
                        y={SIZE.height - 5}
                        textAnchor="middle"
                        className="tabular fill-slate-soft text-[10px]"
                    >
                        {tick}
                    </text>
                ))}
                {[...curves].map(([surface, grip]) => (
                    <g key={surface}>
                        <path
                            d={
                                line<number[]>()
                                    .digits(1)
                                    .x(([slip]) => x(slip!))
                                    .y(([, value]) => y(value!))(grip) ?? ''
                            }
                            strokeDasharray={DASHES[surface]}
                            className="fill-none stroke-slate-text"
                        />
                        <text
                            x={x(0.62)}
                            y={y(grip[Math.round(grip.length * 0.79)]![1]!) - 5}
                            className="fill-slate-text text-[11px]"
                        >
                            {t(`footing.${surface}`)}
                        </text>
                    </g>
                ))}
                {[...shown].reverse().map(({ name, play }) => {
                    const sample = sampleAt(play, second);
                    const isFirst = name === shown[0]!.name;
                    return play.wheels.map((wheel) => {
                        const [across, up] = [
                            x(Math.min(1, Math.abs(wheel.slip[sample]!))),
                            y(wheel.grip[sample]!),
                        ];
                        return (
                            <g key={`${name} ${wheel.id}`}>
                                {isFirst ? (
                                    <circle cx={across} cy={up} r={4} className="fill-reading" />
                                ) : (
                                    <rect
                                        x={across - 4}
                                        y={up - 4}
                                        width={8}
                                        height={8}
                                        className="fill-none stroke-slate-soft"
                                    />
                                )}
                                {isFirst && (
                                    <text
                                        x={across + (across > SIZE.width - 40 ? -6 : 6)}
                                        textAnchor={across > SIZE.width - 40 ? 'end' : 'start'}
                                        y={up + (wheel.id.endsWith('R') ? 12 : -4)}
                                        className="tabular fill-reading text-[10px] font-semibold"
                                    >
                                        {wheel.id}
                                    </text>
                                )}
                            </g>
                        );
                    });
                })}
            </svg>
            {shown[0] !== undefined && <Turns play={shown[0].play} second={second} />}
        </section>
    );
}

/** The slip of the wheel that slips most, in turns of the wheel against turns of the road. */
function Turns({ play, second }: { play: RoadPlay; second: number }) {
    const sample = sampleAt(play, second);
    const wheel = play.wheels.reduce((one, other) =>
        Math.abs(other.slip[sample]!) > Math.abs(one.slip[sample]!) ? other : one,
    );
    const slip = wheel.slip[sample]!;
    const fewer = number(Math.round(10 * TURNS * (1 - Math.min(1, Math.abs(slip)))) / 10);
    return (
        <p className="min-h-9 text-small">
            {t(slip >= 0 ? 'road.turns-braked' : 'road.turns-driven', {
                wheel: wheel.id,
                percent: percent(Math.abs(slip)),
                fewer,
                turns: TURNS,
            })}
        </p>
    );
}

function spoken({ name, play }: Shown, second: number): string {
    const sample = sampleAt(play, second);
    const wheels = play.wheels.map(
        ({ id, slip, grip }) => `${id} ${percent(slip[sample]!)} %, ${fixed(grip[sample]!, 2)}`,
    );
    return `${name}: ${wheels.join(', ')}`;
}
