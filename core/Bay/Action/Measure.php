<?php

declare(strict_types=1);

namespace Lernfall\Bay\Action;

/** Reads the meter with its leads on two pads. */
final readonly class Measure implements Observing
{
    public function __construct(public MeterFunction $function, public string $first, public string $second)
    {
    }

    public function name(): string
    {
        return 'measure';
    }

    public function rate(): string
    {
        return 'measure';
    }

    public function question(): string
    {
        return "measure {$this->function->value} $this->first $this->second";
    }
}
