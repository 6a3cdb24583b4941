<?php

declare(strict_types=1);

namespace Lernfall\Bay\Generator;

use Lernfall\Bay\Contract\CarAction;
use Lernfall\Circuit\InjectedAt;

/** Connects a signal generator to the loom side of an open sensor plug, or turns its knobs; no hertz takes it off. */
final readonly class Inject implements CarAction
{
    /** @param  float  $amplitude  volts, or amperes for a current */
    public function __construct(public string $channel, public InjectedShape $shape, public float $hertz, public float $amplitude, public InjectedAt $at = InjectedAt::Pair)
    {
    }

    public function name(): string
    {
        return 'inject';
    }

    public function rate(): string
    {
        return 'inject';
    }

    public function question(): string
    {
        return "inject $this->channel {$this->shape->value} $this->hertz $this->amplitude".($this->at === InjectedAt::Pair ? '' : " {$this->at->value}");
    }
}
