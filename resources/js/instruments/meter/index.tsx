import { padPair } from '../../strip/padName';
import { t } from '../../words/words';
import { withCommands } from '../Meanwhile';
import type { Room } from '../room';
import { MeterPanel } from './MeterPanel';

export const room: Room = {
    name: 'meter',
    position: 1,
    tools: ['meter'],
    Panel: MeterPanel,
    keys: ['M'],
    acts: ['bay.take', 'prove.meter'],
    shows: ['measure', 'prove-meter'],
    told: {
        measure: (car, action) =>
            withCommands(
                t('did.measure', {
                    function: t(`meter.${action.function}`),
                    pads: padPair(car, action.first, action.second),
                }),
                action.while,
            ),
    },
    shown: {
        reading: {
            number: (name) => (name === 'least' || name === 'greatest' ? `${t(`meter-mode.${name}`)} ` : ''),
            word: (_, word) => [t(`meter-mode.beep-${word}`)],
        },
        proven: { word: (_, word) => [t(`prove.${word}`)] },
    },
    sources: { measure: { asItStood: true } },
};
