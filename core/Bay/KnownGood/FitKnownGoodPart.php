<?php

declare(strict_types=1);

namespace Lernfall\Bay\KnownGood;

use Lernfall\Bay\Car\KnownGoodPart;
use Lernfall\Bay\Contract\CarAction;

/** Fits a known good part in place of the car's own, or takes it out again. A test, not a repair. */
final readonly class FitKnownGoodPart implements CarAction
{
    /**
     * @param  string  $channel  a channel, or the car as a whole
     * @param  bool  $asks  says that a sensor sits fast, and leaves it where it is, instead of drawing it out
     */
    public function __construct(public KnownGoodPart $part, public string $channel, public bool $fitted, public bool $asks = false)
    {
    }

    public function name(): string
    {
        return 'fit-trial-part';
    }

    public function rate(): string
    {
        return "fit-trial-part.{$this->part->value}";
    }

    public function question(): string
    {
        return 'fit-trial-part '.($this->fitted ? 'in' : 'out')." {$this->part->value} $this->channel";
    }
}
