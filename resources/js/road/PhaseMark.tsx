import type { Phase } from './drive';

interface Props {
    phase: Phase;
    x: number;
    y: number;
    width: number;
    height: number;
}

/** What the module wants, as a shape: rising, level, falling, or two lines where it wants nothing. */
export function PhaseMark({ phase, x, y, width, height }: Props) {
    const [right, foot] = [x + width, y + height];
    switch (phase) {
        case 'builds':
            return (
                <polygon points={`${x},${foot} ${right},${foot} ${right},${y}`} className="fill-reading" />
            );
        case 'lets-go':
            return <polygon points={`${x},${y} ${x},${foot} ${right},${foot}`} className="fill-lead-one" />;
        case 'waits':
            return (
                <rect
                    x={x}
                    y={y + height / 2}
                    width={width}
                    height={height / 2}
                    className="fill-slate-soft"
                />
            );
        case 'as-pressed':
            return (
                <path
                    d={`M${x},${y + height * 0.3}H${right}M${x},${y + height * 0.8}H${right}`}
                    className="stroke-reading"
                />
            );
    }
}
