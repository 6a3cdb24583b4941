<?php

declare(strict_types=1);

namespace Lernfall\Vehicle;

use Lernfall\Quantity;

/** One pin in its socket, joined. */
final readonly class Contact
{
    /** A joint as good as joints get. */
    public const LEAST_OHMS = Quantity::LEAST_OHMS;

    /**
     * @param  float  $ohms  not below a milliohm
     * @param  bool  $touches  false where the pin has backed out of its housing
     */
    public function __construct(public float $ohms, public bool $corroded = false, public bool $touches = true)
    {
        Quantity::atLeast('contactOhms', $this->ohms, self::LEAST_OHMS);
    }
}
