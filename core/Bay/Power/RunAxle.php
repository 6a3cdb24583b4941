<?php

declare(strict_types=1);

namespace Lernfall\Bay\Power;

use Lernfall\Bay\Contract\CarAction;

/** Lets the engine turn both wheels of the driven axle on stands, at idling speed and straight ahead; or stops them. */
final readonly class RunAxle implements CarAction
{
    public function __construct(public bool $running)
    {
    }

    public function name(): string
    {
        return 'run-axle';
    }

    public function rate(): string
    {
        return $this->running ? 'run-axle' : 'stop-axle';
    }

    public function question(): string
    {
        return 'run-axle '.($this->running ? 'on' : 'off');
    }
}
