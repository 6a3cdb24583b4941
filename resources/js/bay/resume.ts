import type { Action, Attempt } from '../api/types';
import type { Leads } from '../strip/Board';
import { lastOf, WHOLE_CAR } from '../words/card';
import { panelAfter } from '../instruments/rooms';

interface LeftOff {
    channel: string;
    leads: Leads;
    instrument: string;
}

/** Where the work was left off: the corner last worked at, the leads as they were, the instrument last used. */
export function leftOff({ car, steps }: Attempt): LeftOff {
    const last = lastOf(steps, 'measure')?.action;
    const place = steps
        .map(({ action }) => cornerOf(action))
        .filter((corner) => corner === WHOLE_CAR || car.channels.some((one) => one.id === corner))
        .at(-1);
    return {
        channel: place ?? car.channels[0]!.id,
        leads: { one: last?.first ?? '', two: last?.second ?? '' },
        instrument: steps.flatMap(({ action }) => panelAfter(action.do) ?? []).at(-1) ?? 'meter',
    };
}

function cornerOf(action: Action): string {
    if (action.do === 'measure')
        return /^(feed|unit)\./.test(action.first) ? WHOLE_CAR : (action.first.split('.')[0] ?? '');
    if (action.do === 'unplug' || action.do === 'join') return action.plug.split('.')[0] ?? '';
    return 'channel' in action ? action.channel : '';
}
