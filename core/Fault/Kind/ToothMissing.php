<?php

declare(strict_types=1);

namespace Lernfall\Fault\Kind;

use Lernfall\Fault\FaultKind;
use Lernfall\Vehicle\Channel;

/** Teeth are broken off the ring. */
final readonly class ToothMissing implements FaultKind
{
    public function id(): string
    {
        return 'tooth-missing';
    }

    public function station(): string
    {
        return 'ring';
    }

    public function defect(): string
    {
        return 'tooth-missing';
    }

    public function onConductor(): bool
    {
        return false;
    }

    public function strengthUnit(): string
    {
        return 'teeth';
    }

    public function fits(Channel $channel): bool
    {
        return true;
    }

    public function applyTo(Channel $channel, string $conductor, float $strength): Channel
    {
        return $channel->withRing($channel->ring->withMissingTeeth((int) $strength));
    }
}
