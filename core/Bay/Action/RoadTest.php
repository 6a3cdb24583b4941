<?php

declare(strict_types=1);

namespace Lernfall\Bay\Action;

/** Drives the usual road test, straight stretches in town and out of it. */
final readonly class RoadTest implements CarAction
{
    public function name(): string
    {
        return 'road-test';
    }

    public function rate(): string
    {
        return 'road-test';
    }

    public function question(): string
    {
        return 'road-test';
    }
}
