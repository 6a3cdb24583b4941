import type { ShownPicture } from '../../api/types';
import type { Shows } from '../shows';

type Drawing = ShownPicture['drawing'];

const PLAIN: Record<'ring' | 'encoder' | 'plug-face' | 'switch', Shows> = {
    ring: {
        rust: 0.2,
        dirt: 0.2,
        turning: 'no',
        light: 'below',
        at: 0.4,
        gone: 0,
        chipped: 0,
        gapePitches: 0,
        eaten: 0,
        liftMillimetres: 0,
        wobbleMillimetres: 0,
    },
    encoder: { rust: 0.2, dirt: 0.2, turning: 'no', light: 'below', at: 0.4, gone: 0 },
    switch: { arm: 'pedal', clearMillimetres: 0, restMillimetres: 1, workedMillimetres: 6, grime: 0.2 },
    'plug-face': {
        dirt: 0.2,
        catch: 'over',
        'pin.1': '1',
        'pin.2': '2',
        'colour.1': 'white',
        'colour.2': 'brown',
        'crust.1': 0,
        'crust.2': 0,
        'dull.1': 0.2,
        'dull.2': 0.2,
        'backMillimetres.1': 0,
        'backMillimetres.2': 0,
    },
};

const cable = (shows: Shows): Shows => ({
    along: 0.5,
    scuffed: 0.2,
    dirt: 0.2,
    cover: 'sheath',
    openMillimetres: 0,
    bare: '',
    'colour.1': 'white',
    'colour.2': 'brown',
    ...shows,
});

const unit = (...front: string[]): Shows => ({
    wax: 0.2,
    dirt: 0.2,
    wet: 0,
    ...Object.fromEntries(['FL', 'FR', 'RL', 'RR'].map((port, index) => [`port.${index + 1}`, port])),
    ...Object.fromEntries([...front, 'RL', 'RR'].map((wheel, index) => [`leads.${index + 1}`, wheel])),
});

/** One part that each word could be said of, the same in every job: by the word, what is drawn and what of it differs from a plain one. */
const EXAMPLES: Record<string, [Drawing, Shows]> = {
    'teeth-even': ['ring', PLAIN.ring],
    'tooth-missing': ['ring', { ...PLAIN.ring, gone: 1 }],
    'tooth-chipped': ['ring', { ...PLAIN.ring, chipped: 1 }],
    'ring-cracked': ['ring', { ...PLAIN.ring, gapePitches: 0.6 }],
    'ring-wobbles': ['ring', { ...PLAIN.ring, turning: 'yes', wobbleMillimetres: 1.2 }],
    'ring-packed': ['ring', { ...PLAIN.ring, dirt: 1 }],
    'ring-lifted': ['ring', { ...PLAIN.ring, liftMillimetres: 1 }],
    'ring-swollen': ['ring', { ...PLAIN.ring, rust: 0.9, eaten: 0.8 }],
    'encoder-scratched': ['encoder', { ...PLAIN.encoder, gone: 2 }],
    'poles-even': ['film', { poles: 'stripes', gone: 0, at: 0.4, faint: 0.1, specks: 0.1 }],
    'poles-gone': ['film', { poles: 'stripes', gone: 3, at: 0.4, faint: 0.1, specks: 0.1 }],
    'film-blank': ['film', { poles: 'none', gone: 0, at: 0.4, faint: 0.1, specks: 0.1 }],
    'gap-usual': ['gap', { gapMillimetres: 0.8, rust: 0.2, tilt: 0.2, teeth: 'toothed' }],
    'gap-wide': ['gap', { gapMillimetres: 2.4, rust: 0.2, tilt: 0.2, teeth: 'toothed' }],
    'tip-clean': ['tip', { dust: 0.1, dull: 0.2, scratches: 0, stamp: '' }],
    'tip-dusty': ['tip', { dust: 1, dull: 0.2, scratches: 0, stamp: '' }],
    'tip-struck': ['tip', { dust: 0.1, dull: 0.2, scratches: 0.9, stamp: '' }],
    'sheath-sound': ['cable', cable({})],
    chafed: ['cable', cable({ openMillimetres: 9, bare: '1' })],
    'mended-untwisted': ['cable', cable({ cover: 'single-wires' })],
    taped: ['cable', cable({ cover: 'tape' })],
    'pins-clean': ['plug-face', PLAIN['plug-face']],
    'pins-green': ['plug-face', { ...PLAIN['plug-face'], 'crust.2': 0.9 }],
    'pin-sits-back': ['plug-face', { ...PLAIN['plug-face'], 'backMillimetres.2': 2.4 }],
    'plug-joined-sound': ['plug-joined', { dirt: 0.2, catch: 'over' }],
    'catch-open': ['plug-joined', { dirt: 0.2, catch: 'away' }],
    'tyre-soft': ['tyre', { size: '', bulge: 1, tread: 0.6, standing: 'yes' }],
    'linings-usual': ['linings', { thickMillimetres: 9, wet: 0, dust: 0.2 }],
    'linings-thin': ['linings', { thickMillimetres: 1.5, wet: 0, dust: 0.2 }],
    'linings-oily': ['linings', { thickMillimetres: 9, wet: 0.8, dust: 0.2 }],
    'line-dry': ['brake-hose', { wet: 0, dirt: 0.3, rust: 0.2 }],
    'line-wet': ['brake-hose', { wet: 0.9, dirt: 0.3, rust: 0.2 }],
    'fuse-whole': ['fuse', { place: '', amperes: 10, wire: 'through', clouded: 0.1 }],
    'fuse-blown': ['fuse', { place: '', amperes: 10, wire: 'parted', clouded: 0.1 }],
    'contacts-bright': ['relay', { burn: 0.1, apartMillimetres: 1, dull: 0.1, dust: 0.2 }],
    'contacts-burnt': ['relay', { burn: 0.9, apartMillimetres: 1, dull: 0.2, dust: 0.2 }],
    'contacts-stuck': ['relay', { burn: 0.2, apartMillimetres: 0, dull: 0.2, dust: 0.2 }],
    'pipes-as-stamped': ['unit-pipes', unit('FL', 'FR')],
    'pipes-change-places': ['unit-pipes', unit('FR', 'FL')],
    'ground-clean': ['ground', { rust: 0.1, dull: 0.2 }],
    'ground-rusty': ['ground', { rust: 0.9, dull: 0.2 }],
    'plunger-follows': ['switch', PLAIN.switch],
    'plunger-stays-in': ['switch', { ...PLAIN.switch, workedMillimetres: 1.2 }],
    'switch-stands-off': ['switch', { ...PLAIN.switch, clearMillimetres: 3, restMillimetres: 6 }],
    'fluid-full': ['reservoir', { level: 0.8, tint: 0.2 }],
    'fluid-low': ['reservoir', { level: 0.1, tint: 0.2 }],
};

/** What a word could be said of; nothing where no picture alone shows it, as with a size that has to be compared with the sheet. */
export function exampleOf(word: string, drawing: Drawing): ShownPicture | undefined {
    const [drawn, shows] = EXAMPLES[word] ?? [];
    if (drawn === undefined || shows === undefined) return undefined;
    return drawn === 'ring' && drawing === 'encoder' && word === 'teeth-even'
        ? { drawing: 'encoder', shows: PLAIN.encoder }
        : { drawing: drawn, shows };
}
