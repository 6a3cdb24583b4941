import type { Action } from '../../api/types';
import { t } from '../../words/words';
import type { Room } from '../room';
import { HandsPanel } from './HandsPanel';

function turning({ channel, turnsPerSecond }: Extract<Action, { do: 'turn-wheel' }>): string {
    if (turnsPerSecond === 0) return t('did.turn-stop', { channel });
    return t(turnsPerSecond > 0 ? 'did.turn-wheel' : 'did.turn-back', {
        channel,
        turns: Math.abs(turnsPerSecond),
    });
}

export const room: Room = {
    name: 'hands',
    position: 7,
    tools: [],
    also: ['swap', 'trial-parts'],
    Panel: HandsPanel,
    acts: ['power.start', 'power.stop', 'work.rock', 'provoke.hold', 'provoke.let-go'],
    shows: [],
    told: {
        provoke: (_, action) =>
            action.how === 'nothing'
                ? t('did.let-go')
                : t('did.provoke', { how: t(`provoke.${action.how}`), channel: action.channel }),
        'turn-wheel': (_, action) => turning(action),
        'run-axle': (_, action) => t(action.running ? 'did.run-axle' : 'did.stop-axle'),
        'swap-sensors': (_, action) => t('did.swap-sensors', { channel: action.channel }),
        'fit-trial-part': (_, action) =>
            t(`did.trial-${action.fitted ? 'in' : 'out'}.${action.part}`, { channel: action.channel }),
    },
};
