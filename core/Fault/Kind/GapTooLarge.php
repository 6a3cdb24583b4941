<?php

declare(strict_types=1);

namespace Lernfall\Fault\Kind;

use Lernfall\Fault\FaultKind;
use Lernfall\Vehicle\Channel;

/** The sensor sits too far from the ring; the strength is added to the gap. */
final readonly class GapTooLarge implements FaultKind
{
    public function id(): string
    {
        return 'gap-large';
    }

    public function station(): string
    {
        return 'gap';
    }

    public function defect(): string
    {
        return 'too-large';
    }

    public function onConductor(): bool
    {
        return false;
    }

    public function strengthUnit(): string
    {
        return 'metres';
    }

    public function fits(Channel $channel): bool
    {
        return true;
    }

    public function applyTo(Channel $channel, string $conductor, float $strength): Channel
    {
        return $channel->withGap($channel->gapMetres + $strength);
    }
}
