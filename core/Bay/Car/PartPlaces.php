<?php

declare(strict_types=1);

namespace Lernfall\Bay\Car;

/** Plugs that are apart, sensors that have changed places, and parts of the car's own that lie on the bench. */
final readonly class PartPlaces
{
    /**
     * @param  list<string>  $openPlugs
     * @param  array<string, string>  $movedSensors  by channel: the channel its sensor was built for
     * @param  list<string>  $drawn  channels whose sensor has been out of its bore
     */
    private function __construct(public array $openPlugs, public array $movedSensors, public RemovedParts $removed, public array $drawn = [])
    {
    }

    public static function asBuilt(): self
    {
        return new self([], [], RemovedParts::none());
    }

    public function opened(string $plugId): self
    {
        $plugs = array_values(array_unique([...$this->openPlugs, $plugId]));
        sort($plugs);

        return new self($plugs, $this->movedSensors, $this->removed, $this->drawn);
    }

    /** @param  list<string>  $channels */
    public function sensorsDrawn(array $channels): self
    {
        return new self($this->openPlugs, $this->movedSensors, $this->removed, array_values(array_unique([...$this->drawn, ...$channels])));
    }

    public function joined(string $plugId): self
    {
        return new self(array_values(array_diff($this->openPlugs, [$plugId])), $this->movedSensors, $this->removed, $this->drawn);
    }

    /** The channel for which the sensor now at this one was built. */
    public function sensorOf(string $channel): string
    {
        return $this->movedSensors[$channel] ?? $channel;
    }

    /** The sensors of two channels have changed places. */
    public function exchanged(string $one, string $other): self
    {
        return new self($this->openPlugs, [$one => $this->sensorOf($other), $other => $this->sensorOf($one)] + $this->movedSensors, $this->removed, $this->drawn);
    }

    public function without(RemovedParts $removed): self
    {
        return new self($this->openPlugs, $this->movedSensors, $removed, $this->drawn);
    }
}
