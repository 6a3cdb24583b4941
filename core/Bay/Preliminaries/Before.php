<?php

declare(strict_types=1);

namespace Lernfall\Bay\Preliminaries;

use Lernfall\Bay\Car\Ignition;
use Lernfall\Bay\Contract\CarAction;
use Lernfall\Bay\Driving\RoadTest;
use Lernfall\Bay\Hands\TurnWheel;
use Lernfall\Bay\Key\TurnKey;
use Lernfall\Bay\Lift\Secure;
use Lernfall\Bay\Lift\SecureStep;
use Lernfall\Bay\Plugs\Unplug;
use Lernfall\Vehicle\Channel;

/** What is done to a car before a test can be made. */
final readonly class Before
{
    /** A helper turns a wheel by hand, unhurried. */
    public const TURNS_PER_SECOND = 0.5;

    /** @return list<CarAction> */
    public static function keyOn(): array
    {
        return [new TurnKey(Ignition::On)];
    }

    /** @return list<CarAction> */
    public static function running(): array
    {
        return [new TurnKey(Ignition::Running)];
    }

    /** @return list<CarAction> */
    public static function driven(): array
    {
        return [...self::running(), new RoadTest];
    }

    /** @return list<CarAction> chocked, raised, on stands */
    public static function secured(): array
    {
        return [new Secure(SecureStep::Chock), new Secure(SecureStep::Raise), new Secure(SecureStep::Stand)];
    }

    /** @return list<CarAction> */
    public static function turning(Channel $channel): array
    {
        return [...self::secured(), new TurnWheel($channel->id, self::TURNS_PER_SECOND)];
    }

    /** @return list<CarAction> */
    public static function sensorUnplugged(Channel $channel): array
    {
        return [new Unplug(Pins::sensorPlug($channel)->plugId)];
    }

    /** @return list<CarAction> */
    public static function moduleUnplugged(Channel $channel): array
    {
        return [new Unplug(Pins::modulePlug($channel)->plugId)];
    }
}
