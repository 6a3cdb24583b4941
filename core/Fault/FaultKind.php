<?php

declare(strict_types=1);

namespace Lernfall\Fault;

use Lernfall\Vehicle\Channel;

/** One entry of the catalogue: a way in which a channel can be other than it should. */
interface FaultKind
{
    /** Permanent id, for example "coil-open". */
    public function id(): string;

    /** The station of the path where it sits, for example "sensor". */
    public function station(): string;

    /** What it is called when the cause is named, for example "open". */
    public function defect(): string;

    /** Whether a channel can have it at all. */
    public function fits(Channel $channel): bool;

    /** Whether it sits on one of the conductors, which then has to be named. */
    public function onConductor(): bool;

    /** What its strength is measured in: "ohms", "metres", "teeth", or "none" where it is there or not. */
    public function strengthUnit(): string;

    /**
     * The channel with this fault in it.
     *
     * @param  string  $conductor  "" where the fault sits on none
     * @param  float  $strength  in the unit of strengthUnit()
     */
    public function applyTo(Channel $channel, string $conductor, float $strength): Channel;
}
