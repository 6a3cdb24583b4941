<?php

declare(strict_types=1);

namespace Lernfall\Bay\BenchSupply;

use Lernfall\Bay\Contract\CarAction;

/** Connects the bench supply to the pins of an unplugged sensor, or turns its knobs; no volts takes it off. */
final readonly class FeedSensor implements CarAction
{
    public function __construct(public string $channel, public float $volts, public float $limitAmperes, public bool $reversed)
    {
    }

    public function name(): string
    {
        return 'feed-sensor';
    }

    public function rate(): string
    {
        return 'feed-sensor';
    }

    public function question(): string
    {
        return "feed-sensor $this->channel $this->volts $this->limitAmperes ".($this->reversed ? 'reversed' : 'right');
    }
}
