import type { Action, Car, Observation, Step } from '../api/types';
import { shownBy, sourceOf, toldBy } from '../instruments/rooms';
import { placed } from './place';
import { displayed, THIN_SPACE } from './quantities';
import { isNumber, isSeries, isTrace } from './shown';
import { t } from './words';
import { number } from './reader';

type Written = Extract<Action, { do: 'write-reading' }>;

/** A value as it stands on the card. */
export function describeValue(written: Written): string {
    if (written.value !== null) return `${number(written.value)}${THIN_SPACE}${written.unit}`;
    if (written.word === 'open') return t('bay.written-open');
    return [written.word, ...(written.further ?? [])].map((word) => t(`sight.${word}`)).join(', ');
}

/** What a written reading rests on, from the step that showed it, with how the car stood then. */
export function describeSource({ car, steps }: { car: Car; steps: Step[] }, written: Written): string {
    const step = steps.find((one) => one.number === written.of);
    if (step === undefined) return t('bay.step', { step: written.of });
    const { which, asItStood } = sourceOf(step.action.do);
    return [
        `${which?.(written.feature) ?? ''}${describeAction(car, step.action)}`,
        ...(asItStood ? circumstances(car, step) : []),
    ].join(' · ');
}

/** Key, plug and wheel as they were. */
function circumstances(car: Car, { circumstances: then }: Step): string[] {
    const plugs = then.openPlugs.map((plug) => plugName(car, plug)).join(', ');
    return [
        t('then.key', { to: t(`ignition.${then.ignition}`), cycle: then.keyCycle }),
        plugs === '' ? t('then.all-joined') : t('then.open', { plugs }),
        ...then.turningChannels.map((channel) => t('then.turning', { channel })),
        ...then.connected.map((one) => t(`then.${one}`)),
    ];
}

/** What was done, in one line: as its instrument tells it, or else as the bay and the card do. */
export function describeAction(car: Car, action: Action): string {
    const told = toldBy(car, action);
    if (told !== undefined) return told;
    switch (action.do) {
        case 'ignition':
            return t('did.ignition', { to: t(`ignition.${action.to}`) });
        case 'secure':
            return t(`secure.${action.step}`);
        case 'unplug':
        case 'join':
            return t(`did.${action.do}`, { plug: plugName(car, action.plug) });
        case 'repair':
            return placed('did.repair', action.channel, { repair: t(`repair.${action.kind}`) });
        case 'write-code':
            return writtenCode(action);
        case 'write-reading':
            return t('did.write-reading', {
                value: describeValue(action),
                judgement: t(`judgement.${action.judgement}`),
            });
        case 'write-sensor':
            return t('did.write-sensor', { channel: action.channel, what: describeSensor(action) });
        case 'mark-station':
            return t('did.mark-station', {
                station: t(`at-station.${action.station}`),
                channel: action.channel,
                mark: t(`mark-state.${action.mark}`),
            });
        case 'conclude':
            return action.to === undefined
                ? t('did.conclude')
                : t('did.conclude-handed-over', {
                      to: t(`receiver.${action.to}`),
                      journey: t(`journey.${action.journey}`),
                  });
        case 'strike-out':
            return t('did.strike-out', { step: action.entry });
        case 'name-cause':
            return t('did.name-cause', { cause: describeCause(action, action.channel) });
        default:
            return t(`did.${action.do}`);
    }
}

/** What kind of sensor was written down, and what its wires do. */
export function describeSensor({ technology, wires }: Extract<Action, { do: 'write-sensor' }>): string {
    return `${t(`technology.${technology}`)}: ${wires.map((one) => t(`wire-function.${one}`)).join(', ')}`;
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

export function plugName(car: Car, plug: string): string {
    return plug === car.modulePlug
        ? t('did.module-plug')
        : t(`did.${plug.split('.')[1]}`, { channel: plug.split('.')[0] });
}

/** What a step showed, in one line. */
export function describeObservation({ kind, values, refusal, notes }: Observation): string {
    if (refusal !== '') return t(`refusal.${refusal}`);
    const { whole, number: named, word } = shownBy(kind);
    const shown =
        whole?.(values) ??
        Object.entries(values)
            .flatMap(([name, value]) => {
                if (isTrace(value) || isSeries(value)) return [];
                if (isNumber(value)) return [`${named?.(name) ?? ''}${displayed(value)}`];
                return word?.(name, value) ?? [];
            })
            .join(', ');
    return [shown, ...notes.map((note) => t(`note.${note}`))].filter((one) => one !== '').join(' · ');
}

/** A code as it stands on the card, and what became of it where that is said. */
function writtenCode({ code, status, change }: Extract<Action, { do: 'write-code' }>): string {
    const written =
        code === 'none'
            ? t('did.write-no-code')
            : status === ''
              ? t('did.write-lamp-code', { code })
              : t('did.write-code', { code, status: t(`code-status.${status}`) });
    return change === undefined ? written : `${written}, ${t(`code-change.${change}`)}`;
}
