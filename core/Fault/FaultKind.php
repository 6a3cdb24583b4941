<?php

declare(strict_types=1);

namespace Lernfall\Fault;

use Closure;
use Lernfall\Vehicle\Channel;

/** One entry of the catalogue: a way in which a channel can be other than it should. */
final readonly class FaultKind
{
    public const ACTIVE = ['current', 'pulse-width', 'sinking', 'sourcing'];

    public const PASSIVE = ['passive'];

    /**
     * @param  string  $id  permanent, for example "coil-open"
     * @param  string  $station  of the path where it sits, for example "sensor"
     * @param  string  $defect  what it is called when the cause is named, for example "open"
     * @param  string  $unit  what its strength is measured in: "ohms", "metres", "teeth", "share", or "none" where it is there or not
     * @param  bool  $onConductor  whether it sits on one of the conductors, which then has to be named
     * @param  list<string>  $technologies  of sensors that can have it; none named means all
     * @param  Closure(Channel, string, float): Channel  $change  told the conductor ("" where it sits on none) and the strength
     */
    public function __construct(
        public string $id,
        public string $station,
        public string $defect,
        public string $unit,
        public bool $onConductor,
        public array $technologies,
        private Closure $change,
    ) {
    }

    /** Whether a channel can have it at all. */
    public function fits(Channel $channel): bool
    {
        return $this->technologies === [] || in_array($channel->sensor->technology(), $this->technologies, true);
    }

    public function applyTo(Channel $channel, string $conductor, float $strength): Channel
    {
        return ($this->change)($channel, $conductor, $strength);
    }
}
