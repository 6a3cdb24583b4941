<?php

declare(strict_types=1);

namespace Lernfall\Bay\ClosedGround;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Car\UnitSeen;
use Lernfall\Bay\Contract\CategoryFeature;
use Lernfall\Module\Failure;

/** What is heard as a car pulls away before anything is driven: the module works valves and pump for a moment. That is normal; silence is not. Common practice, no source. */
final readonly class SelfTest
{
    /** @return array<string, CategoryFeature> nothing where it has no pump */
    public static function heard(Car $car): array
    {
        $pump = UnitSeen::onPullingAway($car);

        return $pump === null ? [] : ['self-test' => CategoryFeature::certain(match (true) {
            $pump === [Failure::Stuck, true] => 'unit-runs-on',
            $pump[1] || ! $car->modulePowered() => 'unit-not-heard',
            default => 'unit-heard-once',
        })];
    }
}
