<?php

declare(strict_types=1);

namespace Lernfall\Evidence\Advice;

use Lernfall\Bay\Contract\CandidateTest;

/** The order in which tests are listed, and in which the first of two that are worth the same is made. */
final readonly class OrderOfTests
{
    /** Names of tests as regular expressions; one that none of them fits comes last. */
    private const ORDER = [
        'valves-of-all', 'codes-of-parts', 'bulbs', 'pedal', 'pedal-pumped', 'pump', 'pump-after-pedal', 'switches', 'look-fluid', 'lamp-codes', 'feed-at-module', 'feed-drop-.*', 'battery-volts', 'look-fuse', 'look-relay', 'look-ground', 'look-(pump|valve)-fuse', 'look-(pump|valve)-relay', 'look-unit-ground', 'look-unit-pipes', 'look-(pedal|lever)-switch', 'unit-.*', 'motor-.*', 'ohms-winding-.*', 'stop-lamp-volts', 'ohms-.*-switch', 'rollers-.*', 'stop-.*', 'pull-away-.*',
        'feed-with-.*', 'pump-with-.*', 'codes', 'codes-after-.*',
        'loom-.*', '(extension|inner-loom)-.*', 'contacts-.*', 'ohms-.*', 'supply-at-sensor', 'ac-unplugged', 'ac-at-module', 'bias-joined', 'bias-open-plug', '(dc|ac)-(first|second|third)-turning',
        'speed-driving', 'look-ring', 'look-film', 'turn-wheel', 'valves', 'valves-before-pedal', 'valves-repeated', 'valves-together', 'build-up', 'look-gap', 'gauge-gap', 'rock-wheel', 'rock-wheel-braked', 'look-tyre', 'look-linings', 'look-brake-line', 'look-tip', 'look-cable', 'look-sensor-plug', 'look-body-plug', 'look-module-plug',
        'scope-turning', 'supply-at-sensor-.*', 'hertz-turning', 'bias-joined-.*', 'injection', 'valves-with-.*', 'speed-with-.*', 'speed-swapped', 'speed-over-other-loom',
    ];

    /**
     * @param  list<CandidateTest>  $tests
     * @return list<CandidateTest>
     */
    public static function sorted(array $tests): array
    {
        usort($tests, static fn (CandidateTest $one, CandidateTest $other): int => self::rank($one->id) <=> self::rank($other->id));

        return $tests;
    }

    private static function rank(string $id): int
    {
        /** @var array<string, int> $ranks */
        static $ranks = [];

        return $ranks[$id] ??= self::found($id);
    }

    private static function found(string $id): int
    {
        foreach (self::ORDER as $rank => $pattern) {
            if (preg_match("~^$pattern$~", $id) === 1) {
                return $rank;
            }
        }

        return count(self::ORDER);
    }
}
