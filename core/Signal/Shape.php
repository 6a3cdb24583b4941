<?php

declare(strict_types=1);

namespace Lernfall\Signal;

use Lernfall\Vehicle\Channel;
use Lernfall\Vehicle\CurrentSensor;
use Lernfall\Vehicle\PassiveSensor;
use Lernfall\Vehicle\ToothedRing;

/**
 * What a turning ring makes its sensor do, over time: a sine for every tooth of a passive sensor, a level for every
 * tooth of an active one, or a pulse at its front edge; nothing where a tooth is missing.
 *
 * Teeth are as wide as the gaps between them.
 */
final readonly class Shape
{
    private const TOOTH_SHARE = 0.5;

    private function __construct(private ToothedRing $ring, private float $turnsPerSecond, private bool $isSine, private ?float $pulseSeconds)
    {
    }

    public static function of(Channel $channel, float $turnsPerSecond): self
    {
        $sensor = $channel->sensor;

        return new self($channel->ring, $turnsPerSecond, $sensor instanceof PassiveSensor, $sensor instanceof CurrentSensor ? $sensor->pulseSeconds : null);
    }

    /** Between −1 and 1 for a passive sensor; 0 or 1 for an active one. */
    public function at(float $seconds): float
    {
        $teeth = $seconds * $this->turnsPerSecond * $this->ring->teeth;
        $tooth = (int) floor($teeth);
        $within = $teeth - $tooth;
        if ((($tooth % $this->ring->teeth) + $this->ring->teeth) % $this->ring->teeth < $this->ring->missingTeeth) {
            return 0.0;
        }

        return $this->isSine ? sin(2.0 * M_PI * $within) : ($within < $this->onShare() ? 1.0 : 0.0);
    }

    public function toothHertz(): float
    {
        return $this->turnsPerSecond * $this->ring->teeth;
    }

    /** Rises a second, on the mean of whole turns. */
    public function risesPerSecond(): float
    {
        return $this->toothHertz() * $this->shareOfTeeth();
    }

    public function secondsPerTurn(): float
    {
        return $this->turnsPerSecond > 0.0 ? 1.0 / $this->turnsPerSecond : INF;
    }

    /** Mean over whole turns. */
    public function mean(): float
    {
        return $this->isSine ? 0.0 : $this->onShare() * $this->shareOfTeeth();
    }

    /** Root mean square of what deviates from the mean, over whole turns: of a sine 1/√2, of levels √(d·(1−d)). */
    public function alternatingRms(): float
    {
        if ($this->isSine) {
            return sqrt(0.5 * $this->shareOfTeeth());
        }
        $mean = $this->mean();

        return sqrt($mean * (1.0 - $mean));
    }

    /** The share of a tooth's period for which an active sensor shows its upper level. */
    private function onShare(): float
    {
        return $this->pulseSeconds === null ? self::TOOTH_SHARE : min(1.0, $this->pulseSeconds * $this->toothHertz());
    }

    private function shareOfTeeth(): float
    {
        return ($this->ring->teeth - $this->ring->missingTeeth) / $this->ring->teeth;
    }
}
