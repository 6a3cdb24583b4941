<?php

declare(strict_types=1);

namespace Lernfall\Fault\Kind;

use Lernfall\Fault\FaultKind;
use Lernfall\Vehicle\Channel;
use Lernfall\Vehicle\Leak;

/** A wire of the loom is chafed through and touches the body. */
final readonly class LoomGrounded implements FaultKind
{
    public function id(): string
    {
        return 'loom-grounded';
    }

    public function station(): string
    {
        return 'loom';
    }

    public function defect(): string
    {
        return 'to-ground';
    }

    public function onConductor(): bool
    {
        return true;
    }

    public function strengthUnit(): string
    {
        return 'ohms';
    }

    public function fits(Channel $channel): bool
    {
        return true;
    }

    public function applyTo(Channel $channel, string $conductor, float $strength): Channel
    {
        return $channel->withLink($channel->cable('loom')->withWire(
            $conductor,
            $channel->cable('loom')->wires[$conductor]->leaking(new Leak($strength)),
        ));
    }
}
