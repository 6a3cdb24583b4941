<?php

declare(strict_types=1);

namespace Lernfall\Vehicle\Motion;

use Lernfall\Vehicle\Body;

/** How a car is built: which axle its engine turns, what it looks like from above, and what it is as a mass on wheels. */
final readonly class Build
{
    /**
     * @param  ?Chassis  $chassis  null where nothing is known of it, as on a trailer: no stop is worked out
     * @param  ?Drivetrain  $drivetrain  null where nothing turns its wheels
     */
    public function __construct(public string $layout, public Body $body, public ?Chassis $chassis = null, public SlipControlDesign $slipControl = new SlipControlDesign, public ?Drivetrain $drivetrain = null, public TractionDesign $tractionControl = new TractionDesign)
    {
    }

    /** The axle that the engine turns; "" where none is, as on a trailer. */
    public function drivenAxle(): string
    {
        return match ($this->layout) {
            'front-wheel-drive' => 'front',
            'rear-wheel-drive' => 'rear',
            default => '',
        };
    }
}
