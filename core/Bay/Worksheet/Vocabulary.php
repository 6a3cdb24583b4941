<?php

declare(strict_types=1);

namespace Lernfall\Bay\Worksheet;

use Lernfall\Road\Felt;

/** The words a cause is named with. They are the same in every case, so they tell nothing about this one. */
final readonly class Vocabulary
{
    /** Defects by station of the path, in the order of the signal. */
    public const DEFECTS = [
        'ring' => ['tooth-missing', 'tooth-chipped', 'cracked', 'bent', 'lifted', 'swollen', 'dirty', 'loose', 'wrong-count', 'damaged-poles', 'turned-away'],
        'gap' => ['too-large', 'too-small', 'sensor-loose', 'bearing-play'],
        'sensor' => ['open', 'shorted', 'to-ground', 'dead', 'stuck', 'dusty', 'weak', 'cable-broken', 'wrong-part', 'other-make'],
        'sensor-plug' => ['corroded', 'pin-back', 'not-latched', 'pins-swapped'],
        'extension' => ['open', 'corroded'],
        'loom' => ['open', 'resistive', 'to-ground', 'to-supply', 'wires-together', 'untwisted'],
        'module-plug' => ['corroded', 'pin-back', 'not-latched', 'pins-swapped', 'channels-crossed'],
        'module' => ['input-dead', 'no-supply', 'dead'],
        'supply' => ['fuse-blown', 'relay', 'ground', 'battery'],
        'hydraulics' => [
            'winding-open', 'winding-high', 'valve-stuck', 'valve-blocked', 'valve-leaking', 'traction-valve', 'pump-dead', 'pump-half', 'pump-relay', 'valve-relay', 'unit-fuse', 'unit-wire', 'unit-ground',
            'pipes-crossed', 'fluid-low',
        ],
        'brakes' => ['leak', 'hose', 'caliper', 'slide-pins', 'disc', 'linings', 'air', 'master-cylinder', 'servo'],
        'switches' => ['stop-lamp', 'parking-brake', 'level', 'temperature'],
        'lamps' => ['never-lights', 'never-out'],
        'nothing' => ['old-code', 'spun-on-lift', 'tyre-size', 'tyre-soft', 'normal'],
    ];

    /** Stations that lie on the path of no corner. */
    public const OFF_THE_PATH = ['supply', 'hydraulics', 'brakes', 'switches', 'lamps', 'nothing'];

    /** What a sensor can be: a coil, a current, a current with pulses, or an output that connects to ground or to the supply. */
    public const TECHNOLOGIES = ['passive', 'current', 'pulse-width', 'sinking', 'sourcing'];

    /** What a wire can do. */
    public const WIRES = ['coil', 'supply', 'return', 'ground', 'signal'];

    /** What a repair should change. */
    public const EXPECTATIONS = ['code-stays-away', 'reading-in-range', 'speed-shown', 'signal-even'];

    /** What a cable touches out of its holders, one for each place of a vehicle file. */
    private const TOUCHES = ['touches-wheel-arch-edge', 'touches-spring-seat', 'touches-brake-hose-bracket', 'touches-track-rod', 'touches-subframe-corner'];

    /** What an eye takes from a trace. */
    public const TRACES = ['trace-flat', 'trace-even', 'trace-gaps'];

    private const FUSES = ['fuse-whole', 'fuse-blown'];

    private const RELAYS = ['contacts-bright', 'contacts-burnt', 'contacts-stuck'];

    private const GROUNDS = ['ground-clean', 'ground-rusty'];

    private const SWITCHES = ['plunger-follows', 'plunger-stays-in', 'switch-stands-off'];

    /** What can be seen at each place one can look at, and of what the terminal works. */
    public const SIGHTS = [
        'ring' => ['teeth-even', 'tooth-missing', 'tooth-chipped', 'ring-cracked', 'ring-wobbles', 'ring-packed', 'ring-lifted', 'ring-swollen', 'encoder-scratched'],
        'film' => ['poles-even', 'poles-gone', 'film-blank'],
        'gap' => ['gap-usual', 'gap-wide'],
        'tip' => ['tip-clean', 'tip-dusty', 'tip-struck', 'other-part'],
        'cable' => ['sheath-sound', 'chafed', 'mended-untwisted', 'taped'],
        'rubbing' => ['runs-clear', ...self::TOUCHES, 'touches-something'],
        'sensor-plug' => ['pins-clean', 'pins-green', 'pin-sits-back', 'colours-crossed', 'catch-open', 'plug-joined-sound'],
        'body-plug' => ['pins-clean', 'pins-green', 'pin-sits-back', 'colours-crossed', 'plug-joined-sound'],
        'module-plug' => ['pins-clean', 'pins-green', 'pin-sits-back', 'colours-crossed', 'plug-joined-sound'],
        'tyre' => ['tyre-as-built', 'tyre-other-size', 'tyre-soft'],
        'linings' => ['linings-usual', 'linings-thin', 'linings-oily'],
        'brake-line' => ['line-dry', 'line-wet'],
        'fuse' => self::FUSES,
        'relay' => self::RELAYS,
        'ground' => self::GROUNDS,
        'pump-fuse' => self::FUSES,
        'valve-fuse' => self::FUSES,
        'pump-relay' => self::RELAYS,
        'valve-relay' => self::RELAYS,
        'unit-ground' => self::GROUNDS,
        'unit-pipes' => ['pipes-as-stamped', 'pipes-change-places'],
        'pedal-switch' => self::SWITCHES,
        'lever-switch' => self::SWITCHES,
        'fluid' => ['fluid-full', 'fluid-low'],
        'reach' => ['no-way-in'],
        'rocked' => ['no-play', 'play-felt'],
        'ring-by-hand' => ['ring-firm', 'ring-turns'],
        'sensor-by-hand' => ['sensor-firm', 'sensor-moves'],
        'trace' => self::TRACES,
        'lamps' => ['on', 'off', 'blinks'],
        'bulbs' => ['lit', 'dark'],
        'pump' => ['pump-runs', 'pump-runs-on', 'pump-silent'],
        'relay-sound' => ['relay-clicks', 'relay-silent'],
        'valve-sound' => ['valve-clicks', 'valve-silent'],
        'wheel' => ['wheel-let-go', 'wheel-drags', 'wheel-held'],
        'others' => ['others-held', 'another-let-go'],
        'pedal' => ['pedal-stays', 'pedal-pushed-back', 'pedal-goes-down'],
        'turns' => ['turns-freely', 'turns-hard', 'does-not-turn'],
        'height' => ['usual-height', 'goes-low', 'stays-high'],
        'feel' => ['feels-firm', 'feels-soft'],
        'steady' => ['stays-down', 'sinks-slowly'],
        ...Felt::WORDS,
        'switches' => ['follows', 'closed', 'stays-closed', 'stays-open'],
    ];

    /** Harmless marks by the place looked at: any part in use has some of it, so that naming it is never wrong. */
    public const HARMLESS = [
        'ring' => 'surface-rust', 'gap' => 'surface-rust', 'tip' => 'fine-scratches', 'cable' => 'scuffed-sleeve', 'sensor-plug' => 'road-dirt', 'body-plug' => 'road-dirt', 'module-plug' => 'road-dirt',
        'linings' => 'brake-dust', 'brake-line' => 'surface-rust', 'fuse' => 'clouded-window', 'relay' => 'dull-contacts', 'ground' => 'dull-paint', 'fluid' => 'dark-fluid', 'tyre' => 'worn-tread',
        'pump-fuse' => 'clouded-window', 'valve-fuse' => 'clouded-window', 'pump-relay' => 'dull-contacts', 'valve-relay' => 'dull-contacts', 'unit-ground' => 'dull-paint', 'unit-pipes' => 'wax-on-it',
        'pedal-switch' => 'grime-on-it', 'lever-switch' => 'grime-on-it',
    ];

    /** A plug that nobody has opened is sound as far as it can be seen, and so is a ring of iron under a film. */
    public const UNSEEN = ['plug-joined-sound', 'film-blank'];

    /** The word written for a display that shows overload. */
    public const OVERLOAD = 'open';

    /** The entry written where no code is stored. */
    public const NO_CODE = 'none';
}
