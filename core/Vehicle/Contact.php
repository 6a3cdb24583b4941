<?php

declare(strict_types=1);

namespace Lernfall\Vehicle;

/** One pin in its socket, joined. */
final readonly class Contact
{
    /** @param  float  $ohms not below a milliohm */
    public function __construct(public float $ohms, public bool $corroded = false)
    {
    }
}
