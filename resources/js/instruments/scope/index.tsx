import { padPair } from '../../strip/padName';
import { t } from '../../words/words';
import type { Room } from '../room';
import { ScopePanel } from './ScopePanel';

export const room: Room = {
    name: 'scope',
    position: 2,
    tools: ['scope'],
    Panel: ScopePanel,
    keys: ['S'],
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
            word: (_, word) => (word === 'none' ? [t('scope.no-trigger')] : []),
        },
    },
    sources: { capture: { asItStood: true } },
};
