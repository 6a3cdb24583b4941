<?php

declare(strict_types=1);

namespace Lernfall\Drive;

use Lernfall\Vehicle\Provocation;

/** A drive as somebody has driven it: a way there, then stretches of any kind. */
final readonly class AsDriven implements Journey
{
    /** @param  list<Stretch>  $stretches */
    public function __construct(private FreeDrive $way, private array $stretches)
    {
    }

    public function key(): string
    {
        return FreeDrive::KEY;
    }

    public function drive(): Drive
    {
        return Drive::of(...$this->way->drive()->stretches, ...$this->stretches);
    }

    public function provokes(Provocation $provocation, HubWarming $hubs): bool
    {
        return Provoking::on($this->drive(), $provocation, $hubs);
    }

    public function shows(Provocation $provocation, HubWarming $hubs): ?Moment
    {
        return Provoking::shows($this->drive(), $provocation, $hubs);
    }
}
