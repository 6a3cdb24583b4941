<?php

declare(strict_types=1);

namespace Lernfall\Vehicle;

use Lernfall\Quantity;

/** On, off, on again: how long each may take so that the module understands. */
final readonly class PowerCycle
{
    /**
     * @param  float  $onSeconds  to make it blink
     * @param  float  $clearOnSeconds  to make it forget; 0 where no cycle does
     * @param  float  $toleranceSeconds  either way, of each of them
     */
    public function __construct(public float $onSeconds, public float $offSeconds, public float $toleranceSeconds, public float $clearOnSeconds = 0.0)
    {
        Quantity::positive(['onSeconds' => $this->onSeconds, 'offSeconds' => $this->offSeconds, 'toleranceSeconds' => $this->toleranceSeconds]);
        Quantity::notNegative(['clearOnSeconds' => $this->clearOnSeconds]);
    }

    public function isMetBy(float $onSeconds, float $offSeconds): bool
    {
        return $this->isNear($onSeconds, $this->onSeconds) && $this->isNear($offSeconds, $this->offSeconds);
    }

    public function isClearedBy(float $onSeconds, float $offSeconds): bool
    {
        return $this->clearOnSeconds > 0.0 && $this->isNear($onSeconds, $this->clearOnSeconds) && $this->isNear($offSeconds, $this->offSeconds);
    }

    private function isNear(float $seconds, float $wanted): bool
    {
        return abs($seconds - $wanted) <= $this->toleranceSeconds;
    }
}
