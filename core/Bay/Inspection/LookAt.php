<?php

declare(strict_types=1);

namespace Lernfall\Bay\Inspection;

use Lernfall\Bay\Contract\Observing;

/** Looks closely at one station of a channel. */
final readonly class LookAt implements Observing
{
    /** @param  bool  $asks  says that a sensor sits fast, and leaves it where it is, instead of drawing it out */
    public function __construct(public string $channel, public Sight $at, public bool $asks = false, public Manner $manner = Manner::Closely)
    {
    }

    public function name(): string
    {
        return 'look';
    }

    public function rate(): string
    {
        return $this->manner === Manner::InPassing ? 'look.in-passing' : 'look.'.$this->at->value;
    }

    public function question(): string
    {
        return "look {$this->channel} {$this->at->value}".($this->manner === Manner::Closely ? '' : " {$this->manner->value}");
    }
}
