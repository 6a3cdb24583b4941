import type { Action, Attempt } from '../api/types';
import { t } from '../words/words';
import { WHOLE_CAR, type Station } from '../words/card';
import { isMadeOn, type RepairKind } from '../words/repairs';
import { has, type Tool } from '../instruments/tools';

interface Work {
    key: string;
    label: string;
    /** Name of its entry in the price list. */
    rate: string;
    action: Action;
}

const REPAIRS: Record<Station, RepairKind[]> = {
    ring: ['replace-hub', 'clean-ring'],
    gap: ['set-gap'],
    sensor: ['replace-sensor', 'clean-tip'],
    'sensor-plug': ['clean-plug'],
    extension: ['renew-extension'],
    loom: ['repair-loom', 'tape-loom'],
    'module-plug': ['clean-module-plug'],
    module: ['replace-module'],
    supply: ['replace-fuse', 'replace-relay', 'clean-ground', 'charge-battery'],
    hydraulics: ['replace-hydraulic-unit', 'replace-pump-relay', 'replace-valve-relay', 'fill-fluid'],
    brakes: ['bleed-brakes', 'refit-brake-pipes', 'replace-master-cylinder', 'replace-servo'],
    switches: [
        'replace-stop-lamp-switch',
        'replace-parking-brake-switch',
        'replace-level-switch',
        'replace-temperature-switch',
    ],
    lamps: ['mend-lamp'],
    nothing: [],
};

type TrialPart = Extract<Action, { do: 'fit-trial-part' }>['part'];

type Sight = Extract<Action, { do: 'look' }>['at'];

const SIGHTS: Partial<Record<Station, Sight>> = {
    ring: 'ring',
    gap: 'gap',
    sensor: 'cable',
    'sensor-plug': 'sensor-plug',
    extension: 'body-plug',
    loom: 'cable',
    'module-plug': 'module-plug',
};

const NEEDS: Partial<Record<Action['do'], Tool>> = {
    'gauge-gap': 'gauge',
    'swap-sensors': 'swap',
    'fit-trial-part': 'trial-parts',
};

const HAND_TURN = 0.5;

export function actionsAt(attempt: Attempt, channel: string, station: Station): Work[] {
    return worksAt(attempt, channel, station).filter(({ action }) => {
        const tool = NEEDS[action.do];
        return tool === undefined || has(attempt, tool);
    });
}

function worksAt(attempt: Attempt, channel: string, station: Station): Work[] {
    if (channel === WHOLE_CAR) return atSupply(attempt, station);
    return [
        ...looks(channel, station),
        ...plugWork(attempt, channel, station),
        ...atWheel(attempt, channel, station),
        ...turning(attempt, channel, station),
        ...repairs(channel, station),
    ];
}

/** The module's own supply: fuse, relay, ground screw, and its repairs. A module is renewed at whichever corner. */
function atSupply(attempt: Attempt, station: Station): Work[] {
    if (station === 'module') return repairs(attempt.car.channels[0]!.id, station);
    if (station === 'hydraulics' || station === 'brakes' || station === 'switches' || station === 'lamps')
        return atBrakes(attempt, station);
    if (station !== 'supply') return [];
    return [
        look('fuse', 'L'),
        look('relay', 'W'),
        look('ground', 'B'),
        trial(attempt, 'supply-relay', WHOLE_CAR, 'X'),
        ...repairs(WHOLE_CAR, station),
    ];
}

function look(at: Sight, key: string, channel = WHOLE_CAR): Work {
    return { key, label: t(`look.${at}`), rate: `look.${at}`, action: { do: 'look', channel, at } };
}

/** What of the hydraulic unit can be looked at, each with its key; relays inside it cannot. */
const AT_THE_UNIT: [Attempt['car']['placesOfTheCar'][number], string][] = [
    ['fluid', 'L'],
    ['unit-pipes', 'B'],
    ['pump-fuse', 'I'],
    ['valve-fuse', 'O'],
    ['pump-relay', 'T'],
    ['valve-relay', 'U'],
    ['unit-ground', 'G'],
];

/** The switches that can be looked at, each with its key. */
const AT_THE_SWITCHES: typeof AT_THE_UNIT = [
    ['pedal-switch', 'L'],
    ['lever-switch', 'B'],
];

/** Unit, fluid and lamps can be looked at; what the terminal works and shows is under its own tab. */
function atBrakes(attempt: Attempt, station: 'hydraulics' | 'brakes' | 'switches' | 'lamps'): Work[] {
    const looks: Record<typeof station, Work[]> = {
        hydraulics: [
            ...there(attempt, AT_THE_UNIT),
            ...(attempt.car.unitIntegrated
                ? []
                : [
                      trial(attempt, 'pump-relay', WHOLE_CAR, 'X'),
                      trial(attempt, 'valve-relay', WHOLE_CAR, 'W'),
                  ]),
        ],
        brakes: [
            {
                key: 'L',
                label: t('brakes.try-pedal'),
                rate: 'try-pedal',
                action: { do: 'try-pedal' },
            },
        ],
        switches: there(attempt, AT_THE_SWITCHES),
        lamps: [
            {
                key: 'L',
                label: t('bay.look-lamps'),
                rate: 'look-at-lamps',
                action: { do: 'look-at-lamps' },
            },
        ],
    };
    return [
        ...looks[station],
        ...repairs(WHOLE_CAR, station).filter(
            ({ action }) => action.do !== 'repair' || isMadeOn(attempt.car, action.kind),
        ),
    ];
}

/** Those of these places that this car has. */
function there({ car }: Attempt, places: typeof AT_THE_UNIT): Work[] {
    return places.filter(([at]) => car.placesOfTheCar.includes(at)).map((one) => look(...one));
}

function looks(channel: string, station: Station): Work[] {
    const at = SIGHTS[station];
    return at === undefined ? [] : [look(at, 'L', channel)];
}

function plugWork({ car, state }: Attempt, channel: string, station: Station): Work[] {
    const plug = car.channels
        .find((one) => one.id === channel)
        ?.links.find((link) => link.name === (station === 'extension' ? 'body-plug' : station))?.plug;
    if (plug === undefined || plug === '') return [];
    return state.openPlugs.includes(plug)
        ? [{ key: 'U', label: t('work.join'), rate: 'join', action: { do: 'join', plug } }]
        : [{ key: 'U', label: t('work.unplug'), rate: 'unplug', action: { do: 'unplug', plug } }];
}

function turning({ state }: Attempt, channel: string, station: Station): Work[] {
    if (station !== 'ring' && station !== 'gap' && station !== 'sensor') return [];
    const turns = state.turningChannels.includes(channel);
    return [
        {
            key: 'T',
            label: turns ? t('work.stop-wheel') : t('work.turn-wheel'),
            rate: 'turn-wheel',
            action: { do: 'turn-wheel', channel, turnsPerSecond: turns ? 0 : HAND_TURN },
        },
    ];
}

function atWheel(attempt: Attempt, channel: string, station: Station): Work[] {
    if (station === 'gap')
        return [
            { key: 'G', label: t('work.gauge'), rate: 'gauge-gap', action: { do: 'gauge-gap', channel } },
            { key: 'B', label: t('work.rock'), rate: 'rock-wheel', action: { do: 'rock-wheel', channel } },
            {
                key: 'W',
                label: t('work.rock-braked'),
                rate: 'rock-wheel.braked',
                action: { do: 'rock-wheel', channel, braked: true },
            },
        ];
    if (station !== 'sensor') return [];
    return [
        { key: 'B', label: t('look.tip'), rate: 'look.tip', action: { do: 'look', channel, at: 'tip' } },
        { key: 'W', label: t('work.swap'), rate: 'swap-sensors', action: { do: 'swap-sensors', channel } },
        trial(attempt, 'sensor', channel, 'X'),
    ];
}

/** A known good part from the shelf for a test, or the car's own one back. */
function trial({ state }: Attempt, part: TrialPart, channel: string, key: string): Work {
    const isIn = state.trialParts.includes(`${part}@${channel}`);
    return {
        key,
        label: t(`work.trial-${isIn ? 'out' : 'in'}.${part}`),
        rate: `fit-trial-part.${part}`,
        action: { do: 'fit-trial-part', part, channel, fitted: !isIn },
    };
}

function repairs(channel: string, station: Station): Work[] {
    return REPAIRS[station].map((kind, position) => ({
        key: 'PNJY'[position] ?? '',
        label: t(`repair.${kind}`),
        rate: repairRate(kind, false),
        action: { do: 'repair', kind, channel },
    }));
}

/** What a repair is charged as; a cable that is laid clear of what it rubs on takes longer than its wires only. */
export function repairRate(kind: RepairKind, routes: boolean): string {
    return kind === 'repair-loom' && !routes ? 'repair.repair-loom.wires-only' : `repair.${kind}`;
}
