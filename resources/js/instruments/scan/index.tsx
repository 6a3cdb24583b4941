import type { Action, Car } from '../../api/types';
import { t } from '../../words/words';
import type { Room } from '../room';
import { ScanPanel } from './ScanPanel';

const STORED = ['present', 'pending', 'history'];

/** What a scan tool was asked of a system, which is named where it is not the brake module. */
function named(car: Car, action: Extract<Action, { do: 'read-codes' | 'clear-codes' }>): string {
    const system = car.systems.find((one) => one.id === (action.system ?? 'brakes'))?.name;
    return action.system === undefined || system === undefined
        ? t(`did.${action.do}`)
        : t(`did.${action.do}-of`, { system });
}

export const room: Room = {
    name: 'scan',
    position: 5,
    tools: [],
    also: ['live-data'],
    Panel: ScanPanel,
    acts: [
        'bay.read-codes',
        'bay.clear-codes',
        'bay.live-standing',
        'bay.road-test',
        'bay.drive',
        'scan.end-session',
        'bay.write-code',
        'bay.note-none',
        'lamp-code.watch',
    ],
    shows: ['read-codes', 'clear-codes', 'live-speeds', 'road-test'],
    told: {
        'read-codes': named,
        'clear-codes': named,
        'road-test': (_, action) =>
            action.route === undefined
                ? t('did.road-test')
                : t('did.road-test-on', { route: t(`route.${action.route}`) }),
        'record-drive': (_, action) =>
            t(action.onCode ? 'did.snapshot-on' : 'did.record-on', { route: t(`route.${action.route}`) }),
        'live-speeds': (_, action) =>
            action.kilometresPerHour > 0
                ? t('did.live-speeds', { speed: action.kilometresPerHour })
                : t('did.live-standing'),
        'check-connector': (_, action) => t(action.open ? 'did.connector-open' : 'did.connector-closed'),
        'press-pedal': (_, action) => t('did.press-pedal', { times: action.times, seconds: action.seconds }),
        'cycle-power': (_, action) => t('did.cycle-power', { on: action.onSeconds, off: action.offSeconds }),
    },
    shown: {
        codes: {
            whole: (values) => {
                const stored = Object.entries(values).filter(
                    ([name, word]) => !name.includes('.') && STORED.includes(String(word)),
                );
                return stored.length === 0
                    ? t('bay.none-stored')
                    : stored
                          .map(([code, status]) => `${code} ${t(`code-status.${String(status)}`)}`)
                          .join(', ');
            },
        },
        speeds: {
            number: (name) => `${name.split('.')[0]} `,
            word: (_, word) => (word === 'dips' ? [t('bay.speed-dips')] : []),
        },
        recording: {
            whole: (values) => {
                if (values.triggered === 'no') return t('scan.no-trigger');
                return values.code === undefined
                    ? t('scan.recorded')
                    : t('scan.triggered', { code: String(values.code) });
            },
        },
        switches: { word: (name, word) => [`${t(`switch.${name}`)}: ${t(`switch-state.${word}`)}`] },
        'lamp-watched': {
            word: (_, word) => [t(`lamp-watched.${word === 'on' || word === 'off' ? word : 'blinks'}`)],
        },
        'not-listed': { word: () => [t('scan.not-listed')] },
        driven: { word: (name, word) => [`${t(`check.${name}`)}: ${t(`check.${word}`)}`] },
        'no-answer': { word: () => [t('bay.no-answer')] },
    },
    sources: {
        'live-speeds': { which: (feature) => `${feature.split('.')[0]} `, asItStood: true },
        'read-switches': { which: (feature) => `${t(`switch.${feature}`)} · ` },
    },
};
