import { padPair } from '../../strip/padName';
import { t } from '../../words/words';
import type { Room } from '../room';
import { ScopePanel } from './ScopePanel';
import { clipped } from './ScopeReadout';

/** What lies between the cursors is said so; what the scope says of itself goes by its value. */
function which(feature: string): string {
    const between = /^(between\.[a-z]+)\./.exec(feature)?.[1];
    return between === undefined ? '' : `${t(`trace.${between}`)} · `;
}

export const room: Room = {
    name: 'scope',
    position: 2,
    tools: ['scope'],
    Panel: ScopePanel,
    keys: ['S'],
    acts: ['scope.capture'],
    shows: ['capture'],
    told: {
        capture: (car, action) =>
            t('did.capture', {
                pads: action.inputs.map((one) => padPair(car, one.first, one.second)).join('; '),
            }),
    },
    shown: {
        traces: {
            number: (name) => `${t(`trace.${name}`)} `,
            word: (name, word) =>
                name === 'trigger' && word === 'none'
                    ? [t('scope.no-trigger')]
                    : name.endsWith('.clips') && word !== 'no'
                      ? [clipped({ [name]: word })[0]!]
                      : [],
        },
    },
    sources: { capture: { asItStood: true, which } },
};
