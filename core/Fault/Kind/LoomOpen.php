<?php

declare(strict_types=1);

namespace Lernfall\Fault\Kind;

use Lernfall\Fault\FaultKind;
use Lernfall\Vehicle\Channel;

/** A wire of the loom is broken inside its insulation. */
final readonly class LoomOpen implements FaultKind
{
    public function id(): string
    {
        return 'loom-open';
    }

    public function station(): string
    {
        return 'loom';
    }

    public function defect(): string
    {
        return 'open';
    }

    public function onConductor(): bool
    {
        return true;
    }

    public function strengthUnit(): string
    {
        return 'none';
    }

    public function fits(Channel $channel): bool
    {
        return true;
    }

    public function applyTo(Channel $channel, string $conductor, float $strength): Channel
    {
        return $channel->withLink($channel->cable('loom')->withWire(
            $conductor,
            $channel->cable('loom')->wires[$conductor]->snapped(),
        ));
    }
}
