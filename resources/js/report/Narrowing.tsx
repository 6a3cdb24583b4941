import type { Possible } from '../api/types';
import { PaperHeading } from '../ui/Paper';
import { t } from '../words/words';
import { faultNames, percent } from './possible';

const WIDTH = 560;
const HEIGHT = 150;
const LEFT = 34;
const BOTTOM = 22;
const TOP = 8;

/** How the faults that were still possible became fewer, step by step; the scale is logarithmic. */
export function Narrowing({ possible }: { possible: Possible[] }) {
    const first = possible[0];
    const last = possible.at(-1);
    if (first === undefined || last === undefined) return null;
    const most = Math.max(...possible.map((one) => one.open), 2);
    const x = (index: number) => LEFT + ((WIDTH - LEFT) * index) / possible.length;
    const y = (open: number) => TOP + (HEIGHT - TOP - BOTTOM) * (1 - Math.log(open) / Math.log(most));
    const path = possible
        .map(
            (one, index) =>
                `${index === 0 ? 'M' : 'V'} ${index === 0 ? `${x(0)} ${y(one.open)}` : y(one.open)} H ${x(index + 1)}`,
        )
        .join(' ');
    const ticks = [1, 3, 10, 30, 100].filter((open) => open <= most);
    return (
        <div className="mb-3">
            <PaperHeading hint={t('report.possible-hint')}>{t('report.possible')}</PaperHeading>
            <svg
                viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
                className="w-full"
                role="img"
                aria-label={t('report.possible-chart', {
                    first: first.open,
                    last: last.open,
                    step: last.step,
                })}
            >
                {ticks.map((open) => (
                    <g key={open}>
                        <line x1={LEFT} x2={WIDTH} y1={y(open)} y2={y(open)} className="stroke-rule" />
                        <text
                            x={LEFT - 6}
                            y={y(open) + 4}
                            textAnchor="end"
                            className="fill-ink-soft text-[12px]"
                        >
                            {open}
                        </text>
                    </g>
                ))}
                <path d={`${path} V ${HEIGHT - BOTTOM} H ${LEFT} Z`} className="fill-petrol-tint" />
                <path d={path} className="fill-none stroke-petrol" strokeWidth={2} />
                {possible.map((one, index) =>
                    index % Math.ceil(possible.length / 12) === 0 ? (
                        <text
                            key={one.step}
                            x={(x(index) + x(index + 1)) / 2}
                            y={HEIGHT - 6}
                            textAnchor="middle"
                            className="fill-ink-soft text-[12px]"
                        >
                            {one.step}
                        </text>
                    ) : null,
                )}
            </svg>
            <ul className="text-small">
                {last.foremost.map((likely) => (
                    <li key={faultNames(likely)} className="flex justify-between gap-3">
                        <span>{faultNames(likely)}</span>
                        <span className="tabular">{percent(likely.chance)}</span>
                    </li>
                ))}
            </ul>
        </div>
    );
}
