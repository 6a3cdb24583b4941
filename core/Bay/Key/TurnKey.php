<?php

declare(strict_types=1);

namespace Lernfall\Bay\Key;

use Lernfall\Bay\Car\Ignition;
use Lernfall\Bay\Contract\CarAction;

/** Turns the key. */
final readonly class TurnKey implements CarAction
{
    public function __construct(public Ignition $to)
    {
    }

    public function name(): string
    {
        return 'ignition';
    }

    public function rate(): string
    {
        return 'ignition';
    }

    public function question(): string
    {
        return 'ignition '.$this->to->value;
    }
}
