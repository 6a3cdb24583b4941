/** What lies beside the cable with the steering held over, and whether there is room between them. */
export function Beside({ what }: { what: string }) {
    if (what === 'nothing')
        return <path d="M250 60H380V110" className="fill-none stroke-part-metal-dark" strokeWidth={9} />;
    return (
        <g className="fill-part-metal stroke-part-edge" strokeWidth={3}>
            {PARTS[what] ?? <rect x={196} y={84} width={90} height={54} />}
        </g>
    );
}

const PARTS: Record<string, React.ReactElement> = {
    // a sheet folded over at its edge
    'wheel-arch-edge': <path d="M150 8Q330 20 398 130L384 138Q320 40 206 132L196 128Q196 60 150 22Z" />,
    // a plate with a coil standing on it
    'spring-seat': (
        <>
            <path d="M170 134L300 134L316 118H186Z" />
            <path
                d="M200 112Q250 84 290 104M198 90Q250 62 290 82M200 68Q250 40 290 60"
                className="fill-none"
                strokeWidth={11}
            />
        </>
    ),
    // an angle with a hole, and a hose through it
    'brake-hose-bracket': (
        <>
            <path d="M180 134V40H262V60H200V134Z" />
            <circle cx={232} cy={50} r={7} className="fill-part-hole" />
            <path d="M232 50Q300 60 330 0" className="fill-none" strokeWidth={12} />
        </>
    ),
    // a rod with a joint at its end
    'track-rod': (
        <>
            <path d="M210 128L396 60" className="fill-none" strokeWidth={20} />
            <circle cx={212} cy={116} r={22} />
        </>
    ),
    // the corner of a hollow beam
    'subframe-corner': (
        <>
            <path d="M186 134V36H398V70H224V134Z" />
            <circle cx={205} cy={56} r={6} className="fill-part-hole" />
        </>
    ),
};
