import type { Action, Car, Observation, Step } from '../api/types';
import { padPair } from '../strip/padName';
import { displayed, THIN_SPACE } from '../words/quantities';
import { isNumber, isSeries, isTrace } from '../words/shown';
import { t } from '../words/words';

type Written = Extract<Action, { do: 'write-reading' }>;

/** A value as it stands on the card. */
export function describeValue(written: Written): string {
    if (written.value !== null) return `${written.value}${THIN_SPACE}${written.unit}`;
    return written.word === 'open' ? t('bay.written-open') : t(`sight.${written.word}`);
}

/** What a written reading rests on, from the step that showed it, with how the car stood then. */
export function describeSource({ car, steps }: { car: Car; steps: Step[] }, written: Written): string {
    const step = steps.find((one) => one.number === written.of);
    if (step === undefined) return t('bay.step', { step: written.of });
    return [
        `${whichOf(step.action, written.feature)}${describeAction(car, step.action)}`,
        ...circumstances(car, step),
    ].join(' · ');
}

/** Which of several things that a step showed. */
function whichOf({ do: kind }: Action, feature: string): string {
    if (kind === 'live-speeds') return `${feature.split('.')[0]} `;
    if (kind === 'read-switches') return `${t(`switch.${feature}`)} · `;
    if (kind !== 'look-at-lamps') return '';
    return feature.startsWith('bulb.')
        ? `${t('write.at-key-on', { lamp: t(`lamp.${feature.slice('bulb.'.length)}`) })} · `
        : `${t(`lamp.${feature}`)} · `;
}

/** Key, plug and wheel as they were; a look needs none of them. */
function circumstances(car: Car, { action, circumstances: then }: Step): string[] {
    if (action.do !== 'measure' && action.do !== 'capture' && action.do !== 'live-speeds') return [];
    const plugs = then.openPlugs.map((plug) => plugName(car, plug)).join(', ');
    return [
        t('then.key', { to: t(`ignition.${then.ignition}`), cycle: then.keyCycle }),
        plugs === '' ? t('then.all-joined') : t('then.open', { plugs }),
        ...(then.turningChannel === '' ? [] : [t('then.turning', { channel: then.turningChannel })]),
        ...then.connected.map((one) => t(`then.${one}`)),
    ];
}

export function describeAction(car: Car, action: Action): string {
    switch (action.do) {
        case 'measure':
            return t('did.measure', {
                function: t(`meter.${action.function}`),
                pads: padPair(car, action.first, action.second),
            });
        case 'capture':
            return t('did.capture', {
                pads: action.inputs.map((one) => padPair(car, one.first, one.second)).join('; '),
            });
        case 'gauge-gap':
        case 'rock-wheel':
        case 'swap-sensors':
            return t(`did.${action.do}`, { channel: action.channel });
        case 'road-test':
            return action.route === undefined
                ? t('did.road-test')
                : t('did.road-test-on', { route: t(`route.${action.route}`) });
        case 'test-actuator':
            return action.part === 'pump'
                ? t('did.run-pump')
                : t('did.work-valves', { channel: action.part.slice('valves.'.length) });
        case 'record-drive':
            return t(action.onCode ? 'did.snapshot-on' : 'did.record-on', {
                route: t(`route.${action.route}`),
            });
        case 'read-codes':
        case 'clear-codes':
            return named(car, action);
        case 'check-connector':
            return t(action.open ? 'did.connector-open' : 'did.connector-closed');
        case 'press-pedal':
            return t('did.press-pedal', { times: action.times, seconds: action.seconds });
        case 'cycle-power':
            return t('did.cycle-power', { on: action.onSeconds, off: action.offSeconds });
        case 'provoke':
            return action.how === 'nothing'
                ? t('did.let-go')
                : t('did.provoke', { how: t(`provoke.${action.how}`), channel: action.channel });
        case 'connect-leads':
            return action.leads.length === 0
                ? t('did.leads-off')
                : t('did.connect-leads', {
                      leads: action.leads.map((one) => padPair(car, one.first, one.second)).join('; '),
                  });
        case 'fit-trial-part':
            return t(`did.trial-${action.fitted ? 'in' : 'out'}.${action.part}`, { channel: action.channel });
        case 'fit-breakout':
            return t(action.fitted ? 'did.breakout-in' : 'did.breakout-out');
        case 'feed-sensor':
            return action.volts > 0
                ? t(action.reversed ? 'did.feed-reversed' : 'did.feed-sensor', {
                      channel: action.channel,
                      volts: action.volts,
                      limit: action.milliamperes,
                  })
                : t('did.feed-off');
        case 'inject':
            return action.hertz > 0
                ? t('did.inject', {
                      channel: action.channel,
                      hertz: action.hertz,
                      shape: t(`inject.${action.shape}`),
                  })
                : t('did.inject-off');
        case 'look':
            return at('did.look', action.channel, { look: t(`look.${action.at}`) });
        case 'ignition':
            return t('did.ignition', { to: t(`ignition.${action.to}`) });
        case 'secure':
            return t(`secure.${action.step}`);
        case 'unplug':
        case 'join':
            return t(`did.${action.do}`, { plug: plugName(car, action.plug) });
        case 'turn-wheel':
            return turning(action);
        case 'live-speeds':
            return action.kilometresPerHour > 0
                ? t('did.live-speeds', { speed: action.kilometresPerHour })
                : t('did.live-standing');
        case 'repair':
            return at('did.repair', action.channel, { repair: t(`repair.${action.kind}`) });
        case 'write-code':
            return action.code === 'none'
                ? t('did.write-no-code')
                : action.status === ''
                  ? t('did.write-lamp-code', { code: action.code })
                  : t('did.write-code', { code: action.code, status: t(`code-status.${action.status}`) });
        case 'write-reading':
            return t('did.write-reading', {
                value: describeValue(action),
                judgement: t(`judgement.${action.judgement}`),
            });
        case 'mark-station':
            return t('did.mark-station', {
                station: t(`at-station.${action.station}`),
                channel: action.channel,
                mark: t(`mark-state.${action.mark}`),
            });
        case 'name-cause':
            return t('did.name-cause', {
                cause: describeCause(action, action.channel),
            });
        default:
            return t(`did.${action.do}`);
    }
}

/** A cause in words; what sits at no corner needs no corner's name. */
export function describeCause(
    { channel, station, defect }: { channel: string; station: string; defect: string },
    name = t(`channel.${channel}`),
): string {
    const place = t(`at-station.${station}`);
    return t('bay.cause-named', {
        place: channel === 'car' ? place : `${name}, ${place}`,
        defect: t(`defect.${station}.${defect}`),
    });
}

/** What a scan tool was asked of a system, which is named where it is not the brake module. */
function named(car: Car, action: Extract<Action, { do: 'read-codes' | 'clear-codes' }>): string {
    const system = car.systems.find((one) => one.id === (action.system ?? 'brakes'))?.name;
    return action.system === undefined || system === undefined
        ? t(`did.${action.do}`)
        : t(`did.${action.do}-of`, { system });
}

/** Something done at a corner, or to the car as a whole, which needs no name. */
function at(key: string, channel: string, words: Record<string, string>): string {
    return channel === 'car' ? t(`${key}-whole`, words) : t(key, { ...words, channel });
}

function turning({ channel, turnsPerSecond }: Extract<Action, { do: 'turn-wheel' }>): string {
    if (turnsPerSecond === 0) return t('did.turn-stop', { channel });
    return t(turnsPerSecond > 0 ? 'did.turn-wheel' : 'did.turn-back', {
        channel,
        turns: Math.abs(turnsPerSecond),
    });
}

function plugName(car: Car, plug: string): string {
    return plug === car.modulePlug
        ? t('did.module-plug')
        : t(`did.${plug.split('.')[1]}`, { channel: plug.split('.')[0] });
}

/** What a step showed, in one line. */
export function describeObservation({ kind, values, refusal, notes }: Observation): string {
    if (refusal !== '') return t(`refusal.${refusal}`);
    const shown = Object.entries(values).flatMap(([name, value]) => {
        if (
            isTrace(value) ||
            isSeries(value) ||
            kind === 'recording' ||
            (kind === 'codes' && name.includes('.'))
        )
            return [];
        if (isNumber(value))
            return [
                `${name === 'least' || name === 'greatest' ? `${t(`meter-mode.${name}`)} ` : ''}${kind === 'speeds' ? `${name.split('.')[0]} ` : ''}${kind === 'traces' ? `${t(`trace.${name}`)} ` : ''}${displayed(value, t('bay.overload'))}`,
            ];
        return words(kind, name, value);
    });
    if (kind === 'recording') shown.push(recorded(values));
    if (kind === 'codes' && shown.length === 0) shown.push(t('bay.none-stored'));
    return [shown.join(', '), ...notes.map((note) => t(`note.${note}`))]
        .filter((one) => one !== '')
        .join(' · ');
}

function recorded(values: Observation['values']): string {
    if (values.triggered === 'no') return t('scan.no-trigger');
    return values.code === undefined
        ? t('scan.recorded')
        : t('scan.triggered', { code: String(values.code) });
}

function words(kind: string, name: string, word: string): string[] {
    if (kind === 'sight')
        return name === 'blemish'
            ? word === 'no-blemish'
                ? []
                : [t(`blemish.${word}`)]
            : [t(`sight.${word}`)];
    if (kind === 'felt') return [t(`felt.${word}`)];
    if (kind === 'proven') return [t(`prove.${word}`)];
    if (kind === 'bench-supply') return [t(`bench-supply.holds-${word}`)];
    if (kind === 'reading') return [t(`meter-mode.beep-${word}`)];
    if (kind === 'traces') return word === 'none' ? [t('scope.no-trigger')] : [];
    if (kind === 'lamps' && word === 'blinks') return [t('did.lamp-blinks', { lamp: t(`lamp.${name}`) })];
    if (kind === 'actuator') return [t(`actuator.${word}`)];
    if (kind === 'switches') return [`${t(`switch.${name}`)}: ${t(`switch-state.${word}`)}`];
    if (kind === 'lamps' && word === 'dark')
        return [t('lamp-state.stays-dark', { lamp: t(`lamp.${name.slice('bulb.'.length)}`) })];
    if (kind === 'lamp-watched')
        return [t(`lamp-watched.${word === 'on' || word === 'off' ? word : 'blinks'}`)];
    if (kind === 'not-listed') return [t('scan.not-listed')];
    if (kind === 'driven') return [`${t(`check.${name}`)}: ${t(`check.${word}`)}`];
    if (kind === 'lamps') return word === 'on' ? [t('did.lamp-on', { lamp: t(`lamp.${name}`) })] : [];
    if (kind === 'codes')
        return ['present', 'pending', 'history'].includes(word)
            ? [`${name} ${t(`code-status.${word}`)}`]
            : [];
    if (kind === 'no-answer') return [t('bay.no-answer')];
    return word === 'dips' ? [t('bay.speed-dips')] : [];
}
