/** Strokes in a square of 20, for what a driver feels, hears and sees. */
const DRAWN: Record<string, string> = {
    // a pedal on its lever, and a foot that presses it
    foot: 'M3 3L10 12M6.5 14.5L14 10M17 4L12.5 8.5M12.5 5.5V8.5H15.5',
    // the same pedal, pushing back in strokes
    beat: 'M3 3L8 10M4.5 12.5L11 8.5M12 11L16 15M13.5 7.5L17.5 11.5M10 14L14 18',
    // a disc on its hub, thicker and thinner round its edge
    pulse: 'M10 2.5A7.5 7.5 0 1 1 9.9 2.5M10 7.5A2.5 2.5 0 1 1 9.9 7.5M13.5 3.5A6 6 0 0 1 16 12',
    // a block with its lines, and sound that comes from it
    unit: 'M3 8H11V16H3ZM5 8V4M9 8V4M13.5 9.5A4 4 0 0 1 13.5 14.5M15.8 7.5A7.5 7.5 0 0 1 15.8 16.5',
    // a car on its line, from above
    course: 'M10 2V5M10 15V18M7 6.5H13V13.5H7ZM16.5 5.5A8 8 0 0 1 16.5 14.5M14.8 12.6L16.5 14.8L18.8 13.2',
    // a steering wheel
    steering:
        'M10 2.5A7.5 7.5 0 1 1 9.9 2.5M10 8.5A1.5 1.5 0 1 1 9.9 8.5M2.7 9L8.4 9.6M17.3 9L11.6 9.6M10 11.6V17.5',
    // from where the pedal goes down to where the car stands
    distance: 'M2.5 4V16M17.5 4V16M4.5 10H15.5M12.5 7L15.5 10L12.5 13',
    // two wheels have left their tread
    marks: 'M6 2L5 6L6 10L5 14L6 18M14 2L13 6L14 10L13 14L14 18M8 2L7 6L8 10L7 14L8 18M16 2L15 6L16 10L15 14L16 18',
    // away, quicker and quicker
    away: 'M3 5L7 10L3 15M8 5L12 10L8 15M13 5L17 10L13 15',
    // a wheel that turns on the spot
    spinning:
        'M9 5A5.5 5.5 0 1 1 8.9 5M9 8.5A2 2 0 1 1 8.9 8.5M13 3A9 9 0 0 1 17.5 10M17.5 10L15 8.6M17.5 10L19 7.6M2 18H16',
    // a piston in its cylinder, and its crank
    engine: 'M5 3V12M15 3V12M5 6H15V10H5M10 10L12.5 15M10 17.5A2.5 2.5 0 1 1 12.5 15',
    // a lamp behind its window
    lamp: 'M10 6.5A3.5 3.5 0 1 1 9.9 6.5M8.5 13.5V16H11.5V13.5M10 1.5V4M3.5 4L5.3 5.8M16.5 4L14.7 5.8',
    // a box with its plug
    module: 'M3 6H13V15H3ZM13 8H16.5V13H13M6 9H10M6 12H10',
    // an armature that strikes, and what is heard of it
    click: 'M4 4V16M4 10H9M9 6V14M12.5 8A3 3 0 0 1 12.5 12M15 6A6 6 0 0 1 15 14',
};

const ALIKE: Record<string, string> = {
    'self-test': 'unit',
    spin: 'spinning',
    mark: 'marks',
    'relay-sound': 'click',
    'valve-sound': 'click',
};

/** A small drawing beside the word for it; nothing where there is none. */
export function SeatMark({ about }: { about: string }) {
    const path = DRAWN[ALIKE[about] ?? about];
    return path === undefined ? null : (
        <svg
            viewBox="0 0 20 20"
            aria-hidden
            className="-my-1 mr-1 inline-block size-3.5 shrink-0 fill-none stroke-current align-[1.5px]"
            strokeWidth={1.4}
            strokeLinecap="round"
            strokeLinejoin="round"
        >
            <path d={path} />
        </svg>
    );
}
