import { useState } from 'react';
import { Dialog } from '../ui/Dialog';
import { Slate } from '../ui/Slate';
import { THIN_SPACE } from '../words/quantities';
import { fixed } from '../words/reader';
import { t } from '../words/words';
import { KILOMETRES_PER_HOUR, secondsOf, spokenPhase, type Phase, type Shown } from './drive';
import { GripCurve } from './GripCurve';
import { MomentsTable } from './MomentsTable';
import { PhaseMark } from './PhaseMark';
import { RoadFromAbove } from './RoadFromAbove';
import { Told } from './Told';
import { WheelChart, type Scales } from './WheelChart';

/** As they stand on a car that drives to the right. */
const ON_THE_PAGE = [2, 0, 3, 1];
const PHASES: Phase[] = ['builds', 'waits', 'lets-go', 'as-pressed'];

/** One drive, or two laid over each other: the road from above, the four wheels, the grip of their tyres and what the driver tells, all at one moment. */
export function DriveView({ shown }: { shown: Shown[] }) {
    const [chosen, setSecond] = useState(0.6);
    const [table, setTable] = useState<string | null>(null);
    const scales = scalesOf(shown);
    const second = Math.min(chosen, scales.seconds);
    const opened = shown.find(({ name }) => name === table);
    return (
        <div className="flex min-h-0 flex-1 flex-col gap-2.5">
            <RoadFromAbove shown={shown} second={second} />
            <div className="grid min-h-0 flex-1 grid-cols-[minmax(0,1fr)_22rem] gap-2.5 narrow:grid-cols-1">
                <Slate label={t('road.wheels')} className="gap-1 px-3 py-2">
                    <div className="flex flex-wrap items-center gap-x-3 text-small">
                        <h2 className="text-base whitespace-nowrap text-reading">{t('road.wheels')}</h2>
                        {PHASES.map((phase) => (
                            <span key={phase} className="flex items-center gap-1 whitespace-nowrap">
                                <svg viewBox="0 0 14 10" className="h-2.5 w-3.5" aria-hidden>
                                    <PhaseMark phase={phase} x={0} y={0} width={14} height={10} />
                                </svg>
                                {spokenPhase(shown[0], phase)}
                            </span>
                        ))}
                        <span className="flex items-center gap-1 whitespace-nowrap">
                            <svg viewBox="0 0 14 10" className="h-2.5 w-3.5" aria-hidden>
                                <path
                                    d="M0,5H14"
                                    strokeDasharray="2 2"
                                    className="stroke-lead-one"
                                    strokeWidth={2}
                                />
                            </svg>
                            {t('road.counted')}
                        </span>
                        <label className="ml-auto flex flex-wrap items-center gap-2">
                            <span className="tabular whitespace-nowrap">
                                {t('road.moment', { seconds: `${fixed(second, 2)}${THIN_SPACE}s` })}
                            </span>
                            <input
                                type="range"
                                min={0}
                                max={scales.seconds}
                                step={0.02}
                                value={second}
                                onChange={(event) => setSecond(Number(event.target.value))}
                                className="w-32 accent-lead-one"
                            />
                        </label>
                    </div>
                    <div className="grid min-h-0 flex-1 grid-cols-2 grid-rows-2 gap-x-3 gap-y-1 narrow:grid-cols-1 narrow:grid-rows-none">
                        {ON_THE_PAGE.map((wheel) => (
                            <WheelChart
                                key={wheel}
                                shown={shown}
                                wheel={wheel}
                                scales={scales}
                                second={second}
                            />
                        ))}
                    </div>
                </Slate>
                <div
                    className="flex min-h-0 flex-col gap-2 overflow-auto"
                    tabIndex={0}
                    role="group"
                    aria-label={t('road.beside')}
                >
                    <Told shown={shown} onTable={setTable} />
                    <GripCurve shown={shown} second={second} />
                </div>
            </div>
            <Dialog
                title={t('road.table-of', { name: table ?? '' })}
                open={opened !== undefined}
                onClose={() => setTable(null)}
                wide
            >
                {opened !== undefined && <MomentsTable shown={opened} />}
            </Dialog>
        </div>
    );
}

/** One for all charts, so that they can be compared. */
function scalesOf(shown: Shown[]): Scales {
    const speeds = shown.flatMap(({ play }) => [play.speed, ...play.wheels.map(({ speed }) => speed)]);
    const bars = shown.flatMap(({ play }) => play.wheels.map(({ bar }) => bar));
    const most = (lists: number[][]) => Math.max(1, ...lists.map((list) => Math.max(...list)));
    return {
        seconds: Math.max(...shown.map(({ play }) => secondsOf(play))),
        kilometresPerHour: KILOMETRES_PER_HOUR * most(speeds),
        bar: Math.max(20, most(bars)),
    };
}
