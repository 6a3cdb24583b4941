<?php

declare(strict_types=1);

namespace Lernfall\Bay\BenchSupply;

use Lernfall\Bay\Contract\CarAction;

/** Connects the bench supply to the pins of an unplugged sensor, or turns its knobs; no volts takes it off. */
final readonly class FeedSensor implements CarAction
{
    /** @param  ?PlacedLeads  $leads  null for the usual arrangement: on the supply and the return, the workshop's own load in the return or at the signal */
    public function __construct(public string $channel, public float $volts, public float $limitAmperes, public bool $reversed, public ?PlacedLeads $leads = null)
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
        return "feed-sensor $this->channel $this->volts $this->limitAmperes ".($this->reversed ? 'reversed' : 'right').($this->leads === null ? '' : " {$this->leads->text()}");
    }
}
