<?php

declare(strict_types=1);

namespace Lernfall\Lab;

use Lernfall\Bay\Contract\NumberFeature;
use Lernfall\Signal\Formula;

/** What the lab shows of one setting. */
final readonly class LabReadings
{
    /**
     * @param  list<float>  $volts  the trace, evenly spaced
     * @param  array<string, NumberFeature>  $numbers  as the instruments would show them, without their noise
     * @param  list<Formula>  $formulas
     */
    public function __construct(public array $volts, public float $secondsPerSample, public array $numbers, public array $formulas)
    {
    }
}
