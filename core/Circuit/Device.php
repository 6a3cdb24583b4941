<?php

declare(strict_types=1);

namespace Lernfall\Circuit;

/** A part whose current does not follow Ohm's law, with the two nodes it lies between and its own unit excitation. */
final readonly class Device
{
    public function __construct(
        public string $excitation,
        public string $plus,
        public string $minus,
        public CurrentLaw $law,
    ) {
    }
}
