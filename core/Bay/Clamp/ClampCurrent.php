<?php

declare(strict_types=1);

namespace Lernfall\Bay\Clamp;

use Lernfall\Bay\Actuators\Meanwhile;
use Lernfall\Bay\Contract\NeedsFurtherTool;
use Lernfall\Bay\Contract\Observing;

/** Reads the current clamp around one wire. */
final readonly class ClampCurrent implements NeedsFurtherTool, Observing
{
    /**
     * @param  string  $at  the pad behind which the wire leaves
     * @param  float  $fullScale  of the range, in amperes
     * @param  list<string>  $alsoAt  pads at the hydraulic unit whose wires lie in the clamp as well
     * @param  Meanwhile  $meanwhile  what the terminal has the hydraulic unit do
     * @param  bool  $zeroed  it was set to zero beside the wire before it was closed round it
     */
    public function __construct(public string $at, public float $fullScale, public bool $zeroed, public array $alsoAt = [], public Meanwhile $meanwhile = new Meanwhile)
    {
    }

    public function name(): string
    {
        return 'clamp-current';
    }

    public function rate(): string
    {
        return $this->zeroed ? 'clamp-current.zeroed' : 'clamp-current.as-it-is';
    }

    public function question(): string
    {
        return "clamp-current $this->at $this->fullScale".($this->zeroed ? ' zeroed' : '').implode('', array_map(static fn (string $pad): string => " with $pad", $this->alsoAt)).($this->meanwhile->isNothing() ? '' : " while {$this->meanwhile->text()}");
    }

    public function furtherTool(): string
    {
        return $this->meanwhile->tool();
    }
}
