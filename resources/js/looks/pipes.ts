import { type Shows, word } from './shows';

interface Pipe {
    /** What is stamped beside its port: the wheel it is for. */
    port: string;
    /** The wheel it leads to. */
    leads: string;
}

/** The pipes of a hydraulic unit, in the order of its ports. */
export function pipes(shows: Shows): Pipe[] {
    return [1, 2, 3, 4, 5, 6]
        .filter((one) => `port.${one}` in shows)
        .map((one) => ({ port: word(shows, `port.${one}`), leads: word(shows, `leads.${one}`) }));
}
