<?php

declare(strict_types=1);

namespace Lernfall\Bay\Repair;

use Lernfall\Bay\Contract\CarAction;

/** Carries out a repair at a channel. */
final readonly class Repair implements CarAction
{
    public function __construct(public RepairKind $kind, public string $channel)
    {
    }

    public function name(): string
    {
        return 'repair';
    }

    public function rate(): string
    {
        return 'repair.'.$this->kind->value;
    }

    public function question(): string
    {
        return "repair {$this->kind->value} $this->channel";
    }
}
