<?php

declare(strict_types=1);

namespace Lernfall\Bay\ClosedGround;

use Lernfall\Bay\Contract\ActionSchema;
use Lernfall\Bay\Contract\Setting;
use Lernfall\Bay\Contract\SettingRange;
use Lernfall\Document\InvalidDocument;
use Lernfall\Document\Node;
use Lernfall\Road\Corners;
use Lernfall\Vehicle\Vehicle;

/** What a stop is told to be: ground, speed, foot. */
final readonly class StopSettings
{
    public const EXAMPLE = ['footing' => 'dry', 'kilometresPerHour' => 50, 'hard' => true];

    /** A walking pace. */
    private const SLOWEST_KILOMETRES_PER_HOUR = 5;

    private const FASTEST_KILOMETRES_PER_HOUR = 80;

    public static function described(ActionSchema $schema): ActionSchema
    {
        return $schema
            ->with('footing', Setting::choice(Footing::class))
            ->with('kilometresPerHour', Setting::integer('From which it brakes; no faster than the ground allows', ['minimum' => self::SLOWEST_KILOMETRES_PER_HOUR, 'maximum' => self::FASTEST_KILOMETRES_PER_HOUR]))
            ->with('hard', Setting::bool('The foot stamps on the pedal; else it presses gently'));
    }

    /** @throws InvalidDocument */
    public static function decode(Node $node): StopHere
    {
        return new StopHere($node->choice('footing', Footing::class), $node->int('kilometresPerHour'), $node->bool('hard'));
    }

    public static function check(StopHere $stop, Vehicle $sound): void
    {
        SettingRange::onThisCar(Corners::of($sound) !== null);
        SettingRange::between('kilometresPerHour', (float) $stop->kilometresPerHour, [self::SLOWEST_KILOMETRES_PER_HOUR, $stop->footing->mostKilometresPerHour()]);
    }
}
