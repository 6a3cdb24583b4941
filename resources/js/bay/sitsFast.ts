import type { Action } from '../api/types';

/** What draws a sensor out of its bore asks first, in case it sits fast. */
export function asking(action: Action): Action {
    const draws =
        (action.do === 'look' && action.at === 'tip') ||
        action.do === 'swap-sensors' ||
        (action.do === 'fit-trial-part' && action.part === 'sensor' && action.fitted);
    return draws ? { asks: true, ...action } : action;
}

/** The same, done whatever it takes. */
export function allTheSame(action: Action): Action {
    return 'asks' in action ? { ...action, asks: false } : action;
}
