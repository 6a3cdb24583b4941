import { type DrawingProps, amount, word } from '../shows';

/** A fuse drawn out of its holder: its rating, and its wire behind the window. */
export function Fuse({ shows }: DrawingProps) {
    return (
        <g>
            <rect width={400} height={300} className="fill-part-deep" />
            <rect
                x={156}
                y={188}
                width={24}
                height={100}
                className="fill-part-metal stroke-part-edge"
                strokeWidth={2}
            />
            <rect
                x={220}
                y={188}
                width={24}
                height={100}
                className="fill-part-metal stroke-part-edge"
                strokeWidth={2}
            />
            <rect
                x={108}
                y={42}
                width={184}
                height={152}
                rx={14}
                className="fill-part-body stroke-part-edge"
                strokeWidth={5}
            />
            <text
                x={200}
                y={88}
                textAnchor="middle"
                className="fill-part-ink font-mono text-[34px] stroke-none"
            >
                {String(shows.amperes ?? '')}
            </text>
            <rect
                x={136}
                y={102}
                width={128}
                height={70}
                rx={8}
                className="fill-part-window stroke-part-edge"
                strokeWidth={3}
            />
            {word(shows, 'wire') === 'through' ? (
                <path
                    d="M158 170V152Q158 116 200 116Q242 116 242 152V170"
                    className="fill-none stroke-part-metal-dark"
                    strokeWidth={9}
                />
            ) : (
                <>
                    <path
                        d="M158 170V152Q158 128 174 121M242 170V152Q242 130 228 122"
                        className="fill-none stroke-part-metal-dark"
                        strokeWidth={9}
                    />
                    <circle cx={175} cy={120} r={7} className="fill-part-metal-dark" />
                    <circle cx={227} cy={122} r={6} className="fill-part-metal-dark" />
                    <ellipse cx={200} cy={120} rx={30} ry={14} className="fill-part-soot" opacity={0.55} />
                </>
            )}
            <rect
                x={136}
                y={102}
                width={128}
                height={70}
                rx={8}
                className="fill-part-dull"
                opacity={amount(shows, 'clouded') * 0.5}
            />
            <text x={24} y={284} className="fill-part-letter font-mono text-[16px] stroke-none">
                {word(shows, 'place')}
            </text>
        </g>
    );
}
