import { ToggleGroup } from 'radix-ui';
import type { Car, BayState } from '../api/types';
import { t } from '../words/words';
import { WHOLE_CAR } from '../words/card';
import { Outline } from './Outline';

interface Props {
    car: Car;
    state: BayState;
    channel: string;
    onChoose: (channel: string) => void;
}

/** The car from above, nose to the right; left and right as seen from the driver's seat. */
export function FloorPlan({ car, state, channel, onChoose }: Props) {
    return (
        <section aria-label={t('bay.from-above')} className="corner-marks relative">
            <svg viewBox="0 0 260 178" className="absolute inset-0 size-full" aria-hidden>
                <Outline body={car.body} />
                {car.body !== 'trailer' && (
                    <path d="M 248 82 L 256 89 L 248 96" className="fill-none stroke-ink" strokeWidth={1.5} />
                )}
                <g className="on-paper">
                    <rect
                        x={190}
                        y={76}
                        width={30}
                        height={26}
                        className="fill-paper stroke-ink"
                        strokeWidth={1.2}
                    />
                    {car.channels.map((one) => {
                        const [x, y] = place(one.axle, one.side);
                        const inner = one.side === 'left' ? y + 26 : y - 10;
                        return (
                            <path
                                key={one.id}
                                d={`M ${x + 20} ${inner} V 89 H 190`}
                                className={`fill-none ${one.id === channel ? 'stroke-petrol' : 'stroke-ink-soft'}`}
                                strokeWidth={one.id === channel ? 2.2 : 0.8}
                            />
                        );
                    })}
                    {state.onStands &&
                        [
                            [66, 58],
                            [66, 120],
                            [168, 58],
                            [168, 120],
                        ].map(([x, y]) => (
                            <path
                                key={`${x}${y}`}
                                d={`M ${x! - 6} ${y! + 5} L ${x} ${y! - 6} L ${x! + 6} ${y! + 5} Z`}
                                className="fill-ink"
                            />
                        ))}
                    {state.chocked &&
                        !state.onStands &&
                        [
                            [62, 150],
                            [106, 150],
                            [62, 28],
                            [106, 28],
                        ].map(([x, y]) => (
                            <rect
                                key={`${x}${y}`}
                                x={x! - 4}
                                y={y! - 4}
                                width={8}
                                height={8}
                                className="fill-ink"
                            />
                        ))}
                </g>
            </svg>
            <ToggleGroup.Root
                aria-label={t('bench.corner')}
                type="single"
                value={channel}
                onValueChange={(next) => next !== '' && onChoose(next)}
            >
                {car.channels.map((one) => {
                    const [x, y] = place(one.axle, one.side);
                    const turning = state.turningChannels.includes(one.id);
                    return (
                        <ToggleGroup.Item
                            key={one.id}
                            value={one.id}
                            aria-label={`${t(`channel.${one.id}`)}${turning ? `, ${t('bay.wheel-turning')}` : ''}`}
                            style={{ left: `${(x / 260) * 100}%`, top: `${(y / 178) * 100}%` }}
                            className="absolute flex h-6 w-14 items-center justify-center rounded-part border-2 border-ink bg-ink font-bold text-on-ink data-[state=on]:border-petrol data-[state=on]:bg-petrol"
                        >
                            {turning ? `${one.id} ↻` : one.id}
                        </ToggleGroup.Item>
                    );
                })}
                <ToggleGroup.Item
                    value={WHOLE_CAR}
                    aria-label={t('channel.car')}
                    style={{ left: `${(108 / 260) * 100}%`, top: `${(77 / 178) * 100}%` }}
                    className="absolute flex h-6 w-16 items-center justify-center rounded-part border-2 border-ink bg-paper font-bold text-ink data-[state=on]:border-petrol data-[state=on]:bg-petrol data-[state=on]:text-on-ink"
                >
                    {t('channel-short.car')}
                </ToggleGroup.Item>
            </ToggleGroup.Root>
        </section>
    );
}

function place(axle: string, side: string): [number, number] {
    return [axle === 'front' ? 166 : 48, side === 'left' ? 14 : 140];
}
