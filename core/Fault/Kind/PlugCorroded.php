<?php

declare(strict_types=1);

namespace Lernfall\Fault\Kind;

use Lernfall\Fault\FaultKind;
use Lernfall\Vehicle\Channel;
use Lernfall\Vehicle\Contact;

/** A pin of the sensor plug is corroded and passes current badly. */
final readonly class PlugCorroded implements FaultKind
{
    public function id(): string
    {
        return 'plug-corroded';
    }

    public function station(): string
    {
        return 'sensor-plug';
    }

    public function defect(): string
    {
        return 'corroded';
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
        return $channel->withLink($channel->plug('sensor-plug')->withContact(
            $conductor,
            new Contact($channel->plug('sensor-plug')->contacts[$conductor]->ohms + $strength, corroded: true),
        ));
    }
}
