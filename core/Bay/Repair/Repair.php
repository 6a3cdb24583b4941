<?php

declare(strict_types=1);

namespace Lernfall\Bay\Repair;

use Lernfall\Bay\Contract\CarAction;

/** Carries out a repair at a channel. */
final readonly class Repair implements CarAction
{
    /** @param  bool  $routes  a cable is laid clear of what it rubs on as well, and clipped in its holders */
    public function __construct(public RepairKind $kind, public string $channel, public bool $routes = true)
    {
    }

    public function name(): string
    {
        return 'repair';
    }

    public function rate(): string
    {
        return 'repair.'.$this->kind->value.($this->routes ? '' : '.wires-only');
    }

    public function question(): string
    {
        return "repair {$this->kind->value} $this->channel".($this->routes ? '' : ' wires-only');
    }
}
