import type { Car } from '../api/types';
import { t } from '../words/words';

/** Before the name of a valve in the id of the pad at its winding. */
export const COIL = 'unit.coil.';

/** Before the name of a switch of the brakes in the ids of its pads. */
export const SWITCH = 'unit.switch.';

export function switchPad(name: string, end: 'in' | 'out'): string {
    return `${SWITCH}${name}.${end}`;
}

/** "FL outlet"; valves that belong to a circuit name that. */
export function valveName(valve: string): string {
    const [at = '', kind = ''] = valve.split('.');
    return t(`valve.${kind}`, { at: at === 'first' || at === 'second' ? t(`circuit.${at}`) : at });
}

/** A pad in words, for lists, screen readers and the report. */
export function padName(car: Car, id: string): string {
    const pad = car.pads.find((one) => one.id === id);
    if (pad === undefined) return id;
    if (id.startsWith(COIL)) return t('pad.winding', { valve: valveName(id.slice(COIL.length)) });
    if (id.startsWith(SWITCH)) {
        const [name = '', end = ''] = id.slice(SWITCH.length).split('.');
        return t(`pad.switch-${end}`, { switch: t(`switch-name.${name}`) });
    }
    if (pad.channel === '') return t(`pad.${id}`);
    return t('pad.on-plug', {
        channel: pad.channel,
        plug: t(`plug-name.${pad.plug}`),
        side: t(`pad-side.${pad.side}`),
        wire: pad.conductor,
    });
}

/** What kind of place a pad is, for what is to be said of it. */
export function padKind(
    car: Car,
    id: string,
): 'wheel' | 'module' | 'body' | 'battery' | 'feed' | 'unit' | 'switch' | 'bench' {
    const pad = car.pads.find((one) => one.id === id);
    if (pad !== undefined && pad.channel !== '') return pad.side;
    if (id.startsWith('battery.')) return 'battery';
    if (id.startsWith('feed.')) return 'feed';
    if (id.startsWith(SWITCH)) return 'switch';
    if (id.startsWith('unit.')) return 'unit';
    return id.startsWith('bench.') ? 'bench' : 'body';
}

/** Two pads in words; what they have in common is said once. */
export function padPair(car: Car, first: string, second: string): string {
    const [one, other] = [first, second].map((id) => car.pads.find((pad) => pad.id === id));
    const together =
        one !== undefined && other !== undefined && one.channel !== '' && one.channel === other.channel;
    if (together && one.plug === other.plug && one.side === other.side) {
        return t('pad.pair', {
            channel: one.channel,
            plug: t(`plug-name.${one.plug}`),
            side: t(`pad-side.${one.side}`),
            first: one.conductor,
            second: other.conductor,
        });
    }
    return t('pad.two', { first: padName(car, first), second: padName(car, second) });
}
