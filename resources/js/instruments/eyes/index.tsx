import { t } from '../../words/words';
import { placed } from '../../words/place';
import type { Room } from '../room';
import { EyesPanel } from './EyesPanel';

export const room: Room = {
    name: 'eyes',
    position: 6,
    tools: [],
    also: ['gauge'],
    Panel: EyesPanel,
    keys: ['V'],
    acts: ['bay.look-lamps'],
    shows: ['look', 'gauge-gap', 'rock-wheel', 'look-at-lamps'],
    told: {
        look: (_, action) =>
            [
                placed('did.look', action.channel, { look: t(`look.${action.at}`) }),
                ...(action.manner === undefined || action.manner === 'closely'
                    ? []
                    : [t(`look-manner.${action.manner}`)]),
            ].join(', '),
        'gauge-gap': (_, action) => t('did.gauge-gap', { channel: action.channel }),
        'rock-wheel': (_, action) =>
            [
                t('did.rock-wheel', { channel: action.channel }),
                ...(action.at === 'front-and-rear' ? [t('did.rocked-front-and-rear')] : []),
                ...(action.braked ? [t('did.rocked-braked')] : []),
            ].join(', '),
    },
    shown: {
        sight: {
            word: (name, word) => {
                if (name !== 'blemish') return [t(`sight.${word}`)];
                return word === 'no-blemish' ? [] : [t(`blemish.${word}`)];
            },
        },
        gauged: {
            number: (name) => `${t(`gauged.${name}`)} `,
            word: (_, word) => [t(`sight.${word}`)],
        },
        felt: { word: (_, word) => [t(`sight.${word}`)] },
        lamps: {
            word: (name, word) => {
                if (word === 'blinks') return [t('did.lamp-blinks', { lamp: t(`lamp.${name}`) })];
                if (word === 'dark')
                    return [t('lamp-state.stays-dark', { lamp: t(`lamp.${name.slice('bulb.'.length)}`) })];
                return word === 'on' ? [t('did.lamp-on', { lamp: t(`lamp.${name}`) })] : [];
            },
        },
    },
    sources: {
        'gauge-gap': {
            which: (feature) => (feature === 'reach' ? '' : `${t(`gauged.${feature}`)} · `),
        },
        'rock-wheel': { which: (feature) => `${t(`rocked.${feature}`)} · ` },
        'look-at-lamps': {
            which: (feature) =>
                feature.startsWith('bulb.')
                    ? `${t('write.at-key-on', { lamp: t(`lamp.${feature.slice('bulb.'.length)}`) })} · `
                    : `${t(`lamp.${feature}`)} · `,
        },
    },
};
