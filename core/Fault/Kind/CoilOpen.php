<?php

declare(strict_types=1);

namespace Lernfall\Fault\Kind;

use Lernfall\Fault\FaultKind;
use Lernfall\Vehicle\Channel;
use Lernfall\Vehicle\PassiveSensor;

/** The winding is interrupted inside the sensor. */
final readonly class CoilOpen implements FaultKind
{
    public function id(): string
    {
        return 'coil-open';
    }

    public function station(): string
    {
        return 'sensor';
    }

    public function defect(): string
    {
        return 'open';
    }

    public function onConductor(): bool
    {
        return false;
    }

    public function strengthUnit(): string
    {
        return 'none';
    }

    public function fits(Channel $channel): bool
    {
        return $channel->sensor instanceof PassiveSensor;
    }

    public function applyTo(Channel $channel, string $conductor, float $strength): Channel
    {
        return $channel->sensor instanceof PassiveSensor ? $channel->withSensor($channel->sensor->broken()) : $channel;
    }
}
