<?php

declare(strict_types=1);

namespace Lernfall\Bay\ClosedGround;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Contract\Refusal;
use Lernfall\Bay\Driving\DrivingWork;
use Lernfall\Bay\Pedal\Foot;
use Lernfall\Bay\Pedal\PedalWork;

/** Whether a car can be driven on closed ground as it stands: ready to drive, and its pedal beyond doubt. */
final readonly class MayBeDriven
{
    /** Why it cannot; null where it can. */
    public static function refusal(Car $car, Foot $foot): ?Refusal
    {
        return DrivingWork::refusal($car) ?? ((new PedalWork($car, $foot))->isDoubtful() ? Refusal::PedalDoubtful : null);
    }
}
