<?php

declare(strict_types=1);

namespace Lernfall\Vehicle;

use Lernfall\Quantity;

/** What lies between battery and module, and the module itself. */
final readonly class FeedResistances
{
    /**
     * @param  float  $wireOhms  from the battery to the fuse, and from the relay to the module, each
     * @param  float  $contactOhms  of fuse, relay and each plug pin
     * @param  float  $groundOhms  of the ground wire with its screw on the body
     * @param  float  $moduleOhms  what the working module takes, as a resistance
     */
    public function __construct(
        public float $wireOhms,
        public float $contactOhms,
        public float $groundOhms,
        public float $moduleOhms,
    ) {
        Quantity::resistances(['wireOhms' => $this->wireOhms, 'contactOhms' => $this->contactOhms, 'groundOhms' => $this->groundOhms, 'moduleOhms' => $this->moduleOhms]);
    }
}
