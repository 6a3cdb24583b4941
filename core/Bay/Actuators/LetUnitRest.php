<?php

declare(strict_types=1);

namespace Lernfall\Bay\Actuators;

use Lernfall\Bay\Contract\CarAction;

/** Leaves coils and pump of the hydraulic unit alone for some minutes. */
final readonly class LetUnitRest implements CarAction
{
    public function name(): string
    {
        return 'let-unit-rest';
    }

    public function rate(): string
    {
        return 'let-unit-rest';
    }

    public function question(): string
    {
        return 'let-unit-rest';
    }
}
