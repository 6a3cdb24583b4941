<?php

declare(strict_types=1);

namespace Lernfall\Bay\Worksheet;

/** Not repaired here: to whom the car goes with its cause named, and how it gets there. */
final readonly class HandOver
{
    public const DRIVEN = 'driven';

    public const CARRIED = 'carried';

    /** Whom a car is handed over to. */
    public const RECEIVERS = ['brake-specialist', 'electrics-specialist', 'makers-workshop', 'tyre-dealer'];

    /** On its own wheels, or loaded onto a transporter. */
    public const JOURNEYS = [self::CARRIED, self::DRIVEN];

    public function __construct(public string $to, public string $journey)
    {
    }

    public function isDriven(): bool
    {
        return $this->journey === self::DRIVEN;
    }
}
