import type { Action } from '../../api/types';
import { hasUnit } from '../../words/card';
import { t } from '../../words/words';
import type { Room } from '../room';
import { BrakesPanel } from './BrakesPanel';
import { spokenFeature } from './spoken';

type Stop = Extract<Action, { do: 'stop-on-closed-ground' | 'record-stop' }>;

function worked({
    part,
    modulation,
    beforePedal,
    with: further = [],
}: Extract<Action, { do: 'test-actuator' }>) {
    if (part === 'pump') return t('did.run-pump');
    if (part.startsWith('build-up.')) return t('did.build-up', { channel: part.slice('build-up.'.length) });
    const wheels = [part, ...further].map((one) => one.slice('valves.'.length)).join(', ');
    return t(beforePedal === true ? 'did.work-valves-first' : 'did.work-valves', {
        channel: wheels,
        what: t(`modulation.${modulation ?? 'reduce'}`),
    });
}

function stopped({ hard, kilometresPerHour, footing }: Stop) {
    return t(hard ? 'did.stop-hard' : 'did.stop-gentle', {
        speed: String(kilometresPerHour),
        ground: t(`footing.${footing}`),
    });
}

export const room: Room = {
    name: 'brakes',
    position: 6,
    tools: [],
    also: ['actuator-tests', 'roller-bench'],
    fits: hasUnit,
    Panel: BrakesPanel,
    acts: ['brakes.try-pedal', 'brakes.pump-pedal'],
    shows: [
        'test-actuator',
        'try-pedal',
        'brake-on-rollers',
        'stop-on-closed-ground',
        'record-stop',
        'pull-away',
        'drive-freely',
    ],
    told: {
        'test-actuator': (_, action) => worked(action),
        'try-pedal': (_, action) => t(action.pumped === true ? 'did.pump-pedal' : 'did.try-pedal'),
        'let-unit-rest': () => t('did.let-unit-rest'),
        'brake-on-rollers': (_, action) => t('did.brake-on-rollers', { axle: t(`axle.${action.axle}`) }),
        'stop-on-closed-ground': (_, action) => stopped(action),
        'record-stop': (_, action) => t('did.recorded', { what: stopped(action) }),
        'pull-away': (_, action) => t('did.pull-away', { ground: t(`footing.${action.footing}`) }),
        'drive-freely': (_, { footing, parts }) =>
            t('did.drive-freely', {
                ground: t(`footing.${footing}`),
                parts: parts.map(({ foot }) => t(`free-road.${foot}`)).join(', '),
            }),
    },
    shown: {
        actuator: {
            word: (name, word) => [
                name === 'wheel' || name === 'pump'
                    ? t(`actuator.${word}`)
                    : `${spokenFeature(name)}: ${t(`sight-short.${word}`)}`,
            ],
        },
        'pedal-tried': { word: (_, word) => [t(`sight-short.${word}`)] },
        stopped: { word: (name, word) => [`${spokenFeature(name)}: ${t(`sight-short.${word}`)}`] },
        'stop-recorded': { word: (name, word) => [`${spokenFeature(name)}: ${t(`sight-short.${word}`)}`] },
        'pulled-away': { word: (name, word) => [`${spokenFeature(name)}: ${t(`sight-short.${word}`)}`] },
        'driven-freely': { word: (name, word) => [`${spokenFeature(name)}: ${t(`sight-short.${word}`)}`] },
        rolled: { number: (name) => `${spokenFeature(name)} ` },
    },
    sources: {
        'test-actuator': { which: (feature) => `${spokenFeature(feature)} · ` },
        'try-pedal': { which: (feature) => `${spokenFeature(feature)} · ` },
        'brake-on-rollers': { which: (feature) => `${spokenFeature(feature)} · ` },
        'stop-on-closed-ground': { which: (feature) => `${spokenFeature(feature)} · ` },
        'record-stop': { which: (feature) => `${spokenFeature(feature)} · ` },
        'pull-away': { which: (feature) => `${spokenFeature(feature)} · ` },
        'drive-freely': { which: (feature) => `${spokenFeature(feature)} · ` },
    },
};
