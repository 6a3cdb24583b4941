<?php

declare(strict_types=1);

namespace Lernfall\Bay\Hands;

use Lernfall\Bay\Contract\CarAction;

/** Rocks a raised wheel, and tries ring and sensor by hand. */
final readonly class RockWheel implements CarAction
{
    /** @param  bool  $isBraked  somebody holds the brake: play of the bearing is gone then, that of a joint is not */
    public function __construct(public string $channel, public Grip $at = Grip::TopAndBottom, public bool $isBraked = false)
    {
    }

    public function name(): string
    {
        return 'rock-wheel';
    }

    public function rate(): string
    {
        return $this->isBraked ? 'rock-wheel.braked' : 'rock-wheel';
    }

    public function question(): string
    {
        return "rock-wheel $this->channel".($this->at === Grip::TopAndBottom ? '' : " {$this->at->value}").($this->isBraked ? ' braked' : '');
    }
}
