<?php

declare(strict_types=1);

namespace Tests\Core\Fault;

/** What every kind of fault at a corner sets after a drive, in its strongest form, and the tests in which it must show, by technology of the sensor. */
final class KindTables
{
    /** Failure-type byte after a drive, then tests that must differ from a sound car; two wires, then three. */
    private const PASSIVE = [
        'gap-large' => ['31', ['gauge-gap', 'ac-unplugged', 'ac-at-module', 'look-gap']],
        'tooth-missing' => ['39', ['look-ring']],
        'tooth-chipped' => ['', ['look-ring']],
        'ring-cracked' => ['39', ['look-ring', 'speed-driving']],
        // short of touching the sensor it only makes the amplitude swing
        'ring-bent' => ['', ['ac-unplugged', 'ac-at-module']],
        'ring-dirty' => ['', ['look-ring']],
        'coil-open' => ['13', ['ohms-sensor', 'ac-unplugged', 'bias-joined']],
        'coil-shorted' => ['1A', ['ohms-sensor', 'ac-unplugged']],
        'coil-grounded' => ['11', ['ohms-first-to-body', 'ohms-second-to-body']],
        'tip-dusty' => ['31', ['look-tip', 'ac-unplugged']],
        'plug-corroded' => ['13', ['ohms-from-module-plug', 'look-sensor-plug']],
        'plug-pin-back' => ['13', ['ohms-from-module-plug', 'look-sensor-plug']],
        'plug-pins-swapped' => ['', ['look-sensor-plug']],
        'module-plug-corroded' => ['13', ['bias-joined', 'look-module-plug']],
        'module-plug-pin-back' => ['13', ['bias-open-plug', 'look-module-plug']],
        'loom-open' => ['13', ['ohms-first-through', 'ohms-from-module-plug']],
        'loom-resistive' => ['13', ['ohms-first-through']],
        'loom-grounded' => ['11', ['ohms-first-to-body', 'look-cable']],
        'loom-to-supply' => ['12', ['bias-open-plug', 'look-cable']],
        'loom-wires-together' => ['1A', ['ohms-from-module-plug', 'look-cable']],
        'module-input-dead' => ['31', ['speed-driving']],
        // no short drive makes it hot: the code is an old one
        'coil-opens-hot' => ['', ['ohms-sensor', 'ac-unplugged', 'bias-joined']],
        'pigtail-broken' => ['2F', ['ohms-sensor', 'ac-unplugged', 'bias-joined']],
        'sensor-wrong-part' => ['', ['ohms-sensor', 'ac-unplugged', 'look-tip']],
        'sensor-other-make' => ['', ['ohms-sensor', 'look-tip']],
        // its coil is as it should be: ohms prove nothing here
        'sensor-other-direction' => ['31', ['ac-unplugged', 'ac-at-module', 'look-tip']],
        // a pair with one wire on the body still carries its signal, and the module watches its levels
        'loom-chafed' => ['11', ['ohms-first-to-body', 'bias-joined', 'look-cable']],
        'loom-untwisted' => ['2F', ['speed-driving', 'look-cable']],
        'ring-lifted' => ['', ['ac-unplugged', 'look-ring']],
        'ring-swollen' => ['', ['look-ring']],
        'bearing-play' => ['', ['rock-wheel']],
        ...self::ON_ANY_SENSOR,
    ];

    /** What a sensor of any kind shows alike; the codes of the last two are history. */
    private const ON_ANY_SENSOR = [
        'ring-loose' => ['2F', ['speed-driving', 'rock-wheel']],
        'ring-wrong' => ['62', ['speed-driving']],
        'sensor-loose' => ['2F', ['rock-wheel']],
        'plug-unlatched' => ['2F', ['look-sensor-plug']],
        'tyre-other-size' => ['62', ['speed-driving', 'look-tyre']],
        'tyre-soft' => ['', ['look-tyre']],
        'old-code' => ['', ['codes']],
        'spun-on-lift' => ['', ['codes']],
    ];

    /** What active sensors of any kind show alike. */
    private const ON_ANY_ACTIVE_SENSOR = [
        // silent: levels need no twist, and no even gap as long as it stays within reach
        'loom-untwisted' => ['', ['look-cable']],
        'bearing-play' => ['', ['rock-wheel']],
        'ring-bent' => ['', ['look-ring']],
        ...self::ON_ANY_SENSOR,
    ];

    /** Without teeth it sends its sign of life, whose alternating part is about that of its pulses. */
    private const ALIVE = [
        'gap-large' => ['31', ['gauge-gap', 'speed-driving']],
        'tip-dusty' => ['31', ['look-tip', 'speed-driving']],
        'sensor-other-direction' => ['31', ['speed-driving', 'look-tip']],
        'bearing-reversed' => ['31', ['speed-driving']],
    ];

    private const ENCODER = [
        'encoder-damaged' => ['39', ['look-ring', 'speed-driving']],
        'bearing-reversed' => ['31', ['ac-first-turning', 'speed-driving']],
    ];

    /** A lamp tells old codes from present ones by nothing. */
    private const BY_LAMP = [
        'old-code' => ['13', []], 'spun-on-lift' => ['31', []],
        'coil-opens-hot' => ['13', ['ohms-sensor', 'ac-unplugged', 'bias-joined']],
    ] + self::PASSIVE;

    /**
     * The strongest signals of all: dust or a part that looks past the ring takes away most, and what is left is counted.
     * Its module watches how even the amplitude is over a turn.
     */
    private const TRAILER = [
        'ring-bent' => ['39', ['ac-unplugged']], 'bearing-play' => ['39', ['ac-unplugged', 'rock-wheel']], 'tooth-chipped' => ['39', ['look-ring']],
        'ring-dirty' => ['39', ['look-ring']], 'ring-lifted' => ['39', ['ac-unplugged', 'look-ring']], 'ring-swollen' => ['39', ['look-ring']],
        // half a coil is left between its pins, the other lies on ground at both ends
        'coil-grounded' => ['', ['ohms-first-to-body', 'ohms-second-to-body']],
        'tip-dusty' => ['', ['look-tip', 'ac-unplugged']], 'sensor-other-direction' => ['', ['look-tip', 'ac-unplugged']],
    ] + self::BY_LAMP + self::EXTENDED;

    /** Only the rear of the van and the trailer have an extension cable. */
    private const EXTENDED = [
        'extension-open' => ['13', ['ohms-from-module-plug', 'supply-at-sensor']],
        'body-plug-corroded' => ['13', ['supply-at-sensor', 'look-body-plug']],
    ];

    /** Rings with poles have no teeth to lose. */
    private const TOOTHED = ['tooth-missing' => 0, 'tooth-chipped' => 0, 'ring-lifted' => 0, 'ring-swollen' => 0];

    private const TWO_WIRE = [
        'gap-large' => ['31', ['gauge-gap', 'ac-first-turning', 'speed-driving']],
        'tooth-missing' => ['39', ['look-ring']],
        'tooth-chipped' => ['', ['look-ring']],
        'ring-cracked' => ['39', ['look-ring', 'speed-driving']],
        'ring-dirty' => ['39', ['look-ring', 'speed-driving']],
        'tip-dusty' => ['31', ['look-tip', 'ac-first-turning', 'speed-driving']],
        'sensor-dead' => ['13', ['ac-first-turning', 'speed-driving']],
        'sensor-shorted' => ['11', ['ohms-sensor', 'supply-at-sensor']],
        'sensor-stuck-low' => ['31', ['ac-first-turning', 'speed-driving']],
        'sensor-stuck-high' => ['31', ['ac-first-turning', 'speed-driving']],
        'plug-corroded' => ['13', ['supply-at-sensor', 'look-sensor-plug']],
        'plug-pin-back' => ['13', ['ohms-from-module-plug', 'look-sensor-plug']],
        'module-plug-corroded' => ['13', ['supply-at-sensor', 'look-module-plug']],
        'module-plug-pin-back' => ['13', ['bias-open-plug', 'look-module-plug']],
        'loom-open' => ['13', ['ohms-first-through']],
        'loom-resistive' => ['13', ['ohms-first-through']],
        'loom-grounded' => ['11', ['ohms-first-to-body', 'look-cable']],
        'loom-to-supply' => ['12', ['look-cable']],
        'loom-wires-together' => ['11', ['ohms-from-module-plug', 'look-cable']],
        'module-input-dead' => ['31', ['speed-driving']],
        'module-supply-dead' => ['11', ['supply-at-sensor', 'bias-open-plug']],
        'module-switch-dead' => ['31', ['supply-at-sensor', 'ac-first-turning', 'speed-driving']],
        'plug-pins-swapped' => ['*', ['supply-at-sensor', 'look-sensor-plug']],
        'pigtail-broken' => ['2F', ['supply-at-sensor', 'ac-first-turning']],
        'sensor-wrong-part' => ['31', ['ac-first-turning', 'speed-driving', 'look-tip']],
        'sensor-other-direction' => ['31', ['ac-first-turning', 'speed-driving', 'look-tip']],
        'loom-chafed' => ['11', ['ohms-first-to-body', 'supply-at-sensor', 'look-cable']],
        'ring-lifted' => ['', ['look-ring']],
        'ring-swollen' => ['39', ['look-ring']],
        ...self::ON_ANY_ACTIVE_SENSOR,
    ];

    private const THREE_WIRE = [
        'gap-large' => ['31', ['gauge-gap', 'ac-third-turning', 'speed-driving']],
        'tooth-missing' => ['39', ['look-ring']],
        'tooth-chipped' => ['', ['look-ring']],
        'ring-cracked' => ['39', ['look-ring', 'speed-driving']],
        'ring-dirty' => ['39', ['look-ring', 'speed-driving']],
        'tip-dusty' => ['31', ['look-tip', 'ac-third-turning']],
        'sensor-dead' => ['13', ['ohms-sensor', 'ac-third-turning']],
        'sensor-shorted' => ['11', ['ohms-sensor', 'supply-at-sensor']],
        'sensor-stuck-low' => ['31', ['dc-third-turning', 'ac-third-turning']],
        'sensor-stuck-high' => ['31', ['dc-third-turning', 'ac-third-turning']],
        'plug-corroded' => ['13', ['supply-at-sensor', 'look-sensor-plug']],
        'plug-pin-back' => ['13', ['supply-at-sensor', 'look-sensor-plug']],
        'module-plug-corroded' => ['13', ['supply-at-sensor', 'look-module-plug']],
        'module-plug-pin-back' => ['13', ['bias-open-plug', 'look-module-plug']],
        'loom-open' => ['13', ['ohms-first-through', 'bias-open-plug']],
        'loom-resistive' => ['13', ['ohms-first-through']],
        'loom-grounded' => ['11', ['ohms-first-to-body', 'look-cable']],
        'loom-to-supply' => ['13', ['look-cable']],
        'loom-wires-together' => ['11', ['ohms-from-module-plug', 'look-cable']],
        'module-input-dead' => ['31', ['speed-driving']],
        'module-supply-dead' => ['11', ['supply-at-sensor', 'bias-open-plug']],
        'plug-pins-swapped' => ['13', ['supply-at-sensor', 'look-sensor-plug']],
        'pigtail-broken' => ['2F', ['ohms-sensor', 'ac-third-turning']],
        'sensor-wrong-part' => ['31', ['dc-third-turning', 'speed-driving', 'look-tip']],
        'loom-chafed' => ['11', ['ohms-first-to-body', 'supply-at-sensor', 'look-cable']],
        'ring-lifted' => ['', ['look-ring']],
        'ring-swollen' => ['39', ['look-ring']],
        ...self::ON_ANY_ACTIVE_SENSOR,
    ];

    /** @return array<string, array<string, array{string, list<string>}>> by technology */
    public static function byTechnology(): array
    {
        return [
            'passive' => self::PASSIVE, 'passive, by lamp' => self::BY_LAMP, 'passive, trailer' => self::TRAILER, 'current' => self::TWO_WIRE, 'pulse-width' => self::ALIVE + array_diff_key(self::TWO_WIRE, self::TOOTHED) + self::ENCODER,
            'sinking' => self::THREE_WIRE, 'sourcing' => self::THREE_WIRE + self::EXTENDED,
        ];
    }
}
