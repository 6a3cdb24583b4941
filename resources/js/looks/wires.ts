/** What insulation looks like, by the names of the wiring diagram. */
const FILLS: Record<string, string> = {
    red: 'fill-wire-red stroke-wire-red',
    brown: 'fill-wire-brown stroke-wire-brown',
    white: 'fill-wire-white stroke-wire-white',
    yellow: 'fill-wire-yellow stroke-wire-yellow',
    violet: 'fill-wire-violet stroke-wire-violet',
    green: 'fill-wire-green stroke-wire-green',
    blue: 'fill-wire-blue stroke-wire-blue',
    grey: 'fill-wire-grey stroke-wire-grey',
    black: 'fill-wire-black stroke-wire-black',
    orange: 'fill-wire-orange stroke-wire-orange',
    pink: 'fill-wire-pink stroke-wire-pink',
};

/** The class that colours a wire; it is lettered all the same wherever it is drawn. */
export function wireFill(colour: string): string {
    return FILLS[colour] ?? 'fill-wire-grey stroke-wire-grey';
}
