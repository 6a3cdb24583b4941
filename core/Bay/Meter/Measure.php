<?php

declare(strict_types=1);

namespace Lernfall\Bay\Meter;

use Lernfall\Bay\Actuators\Meanwhile;
use Lernfall\Bay\Contract\NeedsFurtherTool;
use Lernfall\Bay\Contract\Observing;

/** Reads the meter with its leads on two pads. */
final readonly class Measure implements NeedsFurtherTool, Observing
{
    /**
     * @param  ?float  $fullScale  of the range set by hand, in the SI unit of the function; null lets the meter choose
     * @param  float  $relativeTo  what the display subtracts, in the SI unit of the function
     * @param  Meanwhile  $meanwhile  what the terminal has the hydraulic unit do
     * @param  bool  $records  the least and the greatest of some seconds are kept as well
     */
    public function __construct(
        public MeterFunction $function,
        public string $first,
        public string $second,
        public ?float $fullScale = null,
        public float $relativeTo = 0.0,
        public bool $records = false,
        public Meanwhile $meanwhile = new Meanwhile,
    ) {
    }

    public function name(): string
    {
        return 'measure';
    }

    public function rate(): string
    {
        return 'measure';
    }

    public function question(): string
    {
        return "measure {$this->function->value} $this->first $this->second".($this->fullScale === null ? '' : " at $this->fullScale").($this->meanwhile->isNothing() ? '' : " while {$this->meanwhile->text()}");
    }

    public function furtherTool(): string
    {
        return $this->meanwhile->tool();
    }
}
