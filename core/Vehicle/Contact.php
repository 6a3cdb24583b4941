<?php

declare(strict_types=1);

namespace Lernfall\Vehicle;

/** One pin in its socket, joined. */
final readonly class Contact
{
    /**
     * @param  float  $ohms  not below a milliohm
     * @param  bool  $touches  false where the pin has backed out of its housing
     */
    public function __construct(public float $ohms, public bool $corroded = false, public bool $touches = true)
    {
    }
}
