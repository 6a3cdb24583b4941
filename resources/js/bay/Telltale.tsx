/** The sign on a warning lamp: of the two that stand in the list of signs for road vehicles (ISO 2575, from memory) the arcs beside a ring; of traction control a wheel on a track that winds. */
export function Telltale({ lamp, state }: { lamp: string; state: string }) {
    return (
        <svg
            aria-hidden
            viewBox="0 0 48 34"
            className={`h-6 w-9 fill-none stroke-current ${state === 'off' ? 'opacity-40' : ''} ${state === 'blinks' ? 'motion-safe:animate-[blinking_1s_steps(1)_infinite]' : ''}`}
            strokeWidth={2.4}
            strokeLinecap="round"
        >
            {lamp === 'traction' ? <OnATrack /> : <BetweenArcs sign={lamp === 'brake' ? '!' : 'ABS'} />}
        </svg>
    );
}

function BetweenArcs({ sign }: { sign: string }) {
    return (
        <>
            <circle cx={24} cy={17} r={12} />
            <path d="M9 5Q2 17 9 29M39 5Q46 17 39 29" />
            <text
                x={24}
                y={sign === '!' ? 23 : 20}
                textAnchor="middle"
                className={`fill-current stroke-none font-bold ${sign === '!' ? 'text-[17px]' : 'text-[8.5px]'}`}
            >
                {sign}
            </text>
        </>
    );
}

function OnATrack() {
    return (
        <>
            <circle cx={24} cy={10} r={8} />
            <circle cx={24} cy={10} r={2} />
            <path d="M10 22Q16 18 18 24T26 28M24 22Q30 18 32 24T40 28" />
        </>
    );
}
