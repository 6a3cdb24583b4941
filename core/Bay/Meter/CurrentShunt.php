<?php

declare(strict_types=1);

namespace Lernfall\Bay\Meter;

/** What a current flows through in a multimeter. */
final readonly class CurrentShunt
{
    /**
     * @param  float  $ohms  its fuse and leads included
     * @param  float  $fuseAmperes  more than this blows the fuse of the current input
     */
    public function __construct(
        public float $ohms,
        public float $fuseAmperes,
    ) {
    }
}
