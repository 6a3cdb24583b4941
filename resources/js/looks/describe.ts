import type { ShownPicture } from '../api/types';
import { fixed, number } from '../words/reader';
import { t } from '../words/words';
import { blades, PLACES } from './blades';
import { pipes } from './pipes';
import { type Shows, amount, conductors, word } from './shows';

/** How much of it there is, in five words; nothing of it goes without saying. */
function howMuch(share: number): string {
    const grade = share < 0.05 ? 0 : share < 0.25 ? 1 : share < 0.5 ? 2 : share < 0.75 ? 3 : 4;
    return t(`look-much.${grade}`);
}

function much(shows: Shows, ...names: string[]): string[] {
    return names.map((name) => t(`look-says.${name}`, { much: howMuch(amount(shows, name)) }));
}

function millimetres(shows: Shows, name: string): string {
    return t(`look-says.${name}`, { length: number(amount(shows, name)) });
}

function wires(shows: Shows): string {
    return t('look-says.wires', {
        colours: conductors(shows)
            .map((one) => t(`colour.${word(shows, `colour.${one}`)}`))
            .join(', '),
    });
}

function ring(shows: Shows): string[] {
    const at = { at: Math.round(amount(shows, 'at') * 100) };
    const places = (name: string) =>
        amount(shows, name) > 0 ? [t(`look-says.${name}`, { ...at, count: amount(shows, name) })] : [];
    const some = (name: string, least: number) =>
        amount(shows, name) > least
            ? [
                  t(`look-says.${name}`, {
                      ...at,
                      much: howMuch(amount(shows, name)),
                      length: number(amount(shows, name)),
                  }),
              ]
            : [];
    const found = [
        ...places('gone'),
        ...places('chipped'),
        ...some('gapePitches', 0),
        ...some('eaten', 0.1),
        ...some('liftMillimetres', 0.1),
        ...some('wobbleMillimetres', 0.1),
    ];
    return [...much(shows, 'rust', 'dirt'), ...(found.length === 0 ? [t('look-says.alike')] : found)];
}

function encoder(shows: Shows): string[] {
    const scratched = amount(shows, 'gone') > 0;
    return [
        t('look-says.band'),
        ...much(shows, 'dirt'),
        scratched
            ? t('look-says.furrows', { at: Math.round(amount(shows, 'at') * 100) })
            : t('look-says.plain'),
    ];
}

function plugFace(shows: Shows): string[] {
    return [
        ...much(shows, 'dirt'),
        ...(word(shows, 'catch') === 'away' ? [t('look-says.tongue-away')] : []),
        ...conductors(shows).map((one) =>
            t('look-says.pin', {
                pin: word(shows, `pin.${one}`),
                colour: t(`colour.${word(shows, `colour.${one}`)}`),
                crust: howMuch(amount(shows, `crust.${one}`)),
                dull: howMuch(amount(shows, `dull.${one}`)),
                back: number(amount(shows, `backMillimetres.${one}`)),
            }),
        ),
    ];
}

function cable(shows: Shows): string[] {
    const cover = word(shows, 'cover');
    const bare = word(shows, 'bare')
        .split(' ')
        .filter((one) => one !== '');
    return [
        ...much(shows, 'scuffed', 'dirt'),
        t(`look-says.cover-${cover}`),
        ...('along' in shows
            ? [t('look-says.along', { at: Math.round(amount(shows, 'along') * 100) }), wires(shows)]
            : []),
        ...(amount(shows, 'openMillimetres') > 0
            ? [millimetres(shows, 'openMillimetres'), ...('along' in shows ? [] : [wires(shows)])]
            : []),
        ...bare.map((one) => t('look-says.bare', { colour: t(`colour.${word(shows, `colour.${one}`)}`) })),
        ...(word(shows, 'beside') === '' ? [] : [t(`look-beside.${word(shows, 'beside')}`)]),
    ];
}

/** The blades next to each other that were tried at one place, in millimetres. */
function tried(shows: Shows, place: number): Record<'under' | 'fits' | 'over', string> {
    const [under, fits, over] = blades(shows, place).map((one) => fixed(one, 2));
    return { under: under ?? '', fits: fits ?? '', over: over ?? '' };
}

/** For whoever cannot see the picture: what is there, by kind and amount. What it means is theirs to say. */
const SAID: Record<ShownPicture['drawing'], (shows: Shows) => string[]> = {
    ring,
    encoder,
    film: (shows) => [
        t(`look-says.film-${word(shows, 'poles')}`),
        ...(amount(shows, 'gone') > 0
            ? [
                  t('look-says.film-gap', {
                      at: Math.round(amount(shows, 'at') * 100),
                      count: amount(shows, 'gone'),
                  }),
              ]
            : []),
        ...much(shows, 'faint', 'specks'),
    ],
    blades: (shows) =>
        PLACES.map((place) =>
            t('look-says.blades', { place: t(`gauged.place.${place}`), ...tried(shows, place) }),
        ),
    gap: (shows) => [millimetres(shows, 'gapMillimetres'), ...much(shows, 'rust')],
    tip: (shows) => [
        ...much(shows, 'dust', 'dull', 'scratches'),
        t('look-says.stamp', { stamp: word(shows, 'stamp') }),
    ],
    cable,
    'plug-face': plugFace,
    'plug-joined': (shows) => [...much(shows, 'dirt'), t(`look-says.catch-${word(shows, 'catch')}`)],
    tyre: (shows) => [t('look-says.size', { size: word(shows, 'size') }), ...much(shows, 'bulge', 'tread')],
    linings: (shows) => [millimetres(shows, 'thickMillimetres'), ...much(shows, 'wet', 'dust')],
    'brake-hose': (shows) => much(shows, 'wet', 'dirt', 'rust'),
    fuse: (shows) => [
        t('look-says.rating', { place: word(shows, 'place'), amperes: amount(shows, 'amperes') }),
        t(`look-says.wire-${word(shows, 'wire')}`),
        ...much(shows, 'clouded'),
    ],
    relay: (shows) => [millimetres(shows, 'apartMillimetres'), ...much(shows, 'burn', 'dull', 'dust')],
    ground: (shows) => much(shows, 'rust', 'dull'),
    'unit-pipes': (shows) => [
        ...pipes(shows).map(({ port, leads }) => t('look-says.pipe', { port, wheel: t(`channel.${leads}`) })),
        ...much(shows, 'wax', 'dirt', 'wet'),
    ],
    'rocked-wheel': (shows) => [
        t(`rocked.seen-from-${word(shows, 'seenFrom')}`),
        ...['rimMillimetres', 'ringMillimetres', 'sensorMillimetres'].map((one) => millimetres(shows, one)),
        ...much(shows, 'dirt'),
    ],
    switch: (shows) => [
        ...['restMillimetres', 'clearMillimetres', 'workedMillimetres'].map((one) => millimetres(shows, one)),
        ...much(shows, 'grime'),
    ],
    reservoir: (shows) => [
        t('look-says.level', { percent: Math.round(amount(shows, 'level') * 100) }),
        ...much(shows, 'tint'),
    ],
};

export function describePicture({ drawing, shows }: ShownPicture): string[] {
    return SAID[drawing](shows);
}
