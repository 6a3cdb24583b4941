<?php

declare(strict_types=1);

namespace Lernfall\Signal;

use Lernfall\Vehicle\Channel;

/**
 * What a turning ring makes its sensor do, over time: a sine for every tooth of a passive sensor, a level for every
 * tooth of an active one, or a pulse at its front edge.
 *
 * Teeth are as wide as the gaps between them. A crack gapes in front of the first tooth: there the signal rests.
 */
final readonly class Shape
{
    private const TOOTH_SHARE = 0.5;

    private const PARTS_OF_A_SINE = 20.0;

    private function __construct(private Teeth $teeth, private float $turnsPerSecond, private bool $isSine, private ?float $pulseSeconds)
    {
    }

    /** @param  float  $turnsPerSecond  below zero backwards, which only the length of pulses tells */
    public static function of(Channel $channel, float $turnsPerSecond): self
    {
        return new self(
            Teeth::of($channel),
            abs($turnsPerSecond),
            ! $channel->sensor->isActive(),
            $channel->sensor->pulseSeconds($turnsPerSecond < 0.0, $channel->wheelEnd->gapMetres),
        );
    }

    /**
     * A sign of life while nothing turns.
     *
     * @param  float  $seconds  its length
     */
    public static function ofStandstill(float $seconds, float $everySeconds): self
    {
        return new self(Teeth::single(), 1.0 / $everySeconds, false, $seconds);
    }

    /** What a signal generator puts out, or an even disturbance: a sine, or levels that last equally long. */
    public static function even(float $hertz, bool $isSine): self
    {
        return new self(Teeth::single(), $hertz, $isSine, null);
    }

    /** For a passive sensor 1 is the peak of a whole tooth at the mean gap; an active one shows 0 or 1. */
    public function at(float $seconds): float
    {
        $turns = $seconds * $this->turnsPerSecond;
        $pitches = ($turns - floor($turns)) * $this->pitchesPerTurn();
        $within = $pitches - $this->teeth->crackPitches;
        if ($within < 0.0) {
            return 0.0;
        }
        $tooth = min((int) floor($within), $this->teeth->count() - 1);
        $within -= $tooth;

        return $this->teeth->felt[$tooth] * ($this->isSine ? sin(2.0 * M_PI * $within) : ($within < $this->onShare() ? 1.0 : 0.0));
    }

    /** Of whole pitches, a crack left aside. */
    public function toothHertz(): float
    {
        return $this->turnsPerSecond * $this->pitchesPerTurn();
    }

    /** How long its shortest part lasts: a pulse, a level, or the twentieth of a sine. */
    public function shortestSeconds(): float
    {
        return match (true) {
            $this->toothHertz() <= 0.0 => INF,
            $this->isSine => 1.0 / self::PARTS_OF_A_SINE / $this->toothHertz(),
            default => $this->onShare() / $this->toothHertz(),
        };
    }

    /** Rises a second, on the mean of whole turns, of teeth that are felt at all. */
    public function risesPerSecond(): float
    {
        return $this->turnsPerSecond * $this->teeth->count() * $this->teeth->shareFrom(0.0);
    }

    public function secondsPerTurn(): float
    {
        return $this->turnsPerSecond > 0.0 ? 1.0 / $this->turnsPerSecond : INF;
    }

    /** Mean over whole turns. */
    public function mean(): float
    {
        return $this->isSine ? 0.0 : $this->onShare() * $this->teeth->mean() * $this->shareOfTeeth();
    }

    /** Root mean square of what deviates from the mean, over whole turns: of a sine 1/√2, of levels √(d·(1−d)). */
    public function alternatingRms(): float
    {
        if ($this->isSine) {
            return sqrt(0.5 * $this->teeth->meanSquare() * $this->shareOfTeeth());
        }
        $mean = $this->mean();

        return sqrt($mean * (1.0 - $mean));
    }

    /** Mean of what deviates from the mean, its sign left aside, over whole turns: of a sine 2/π, of levels 2·d·(1−d). */
    public function rectifiedMean(): float
    {
        if ($this->isSine) {
            return 2.0 / M_PI * $this->teeth->mean() * $this->shareOfTeeth();
        }
        $mean = $this->mean();

        return 2.0 * $mean * (1.0 - $mean);
    }

    /** The share of a tooth's period for which an active sensor shows its upper level. */
    private function onShare(): float
    {
        return $this->pulseSeconds === null ? self::TOOTH_SHARE : min(1.0, $this->pulseSeconds * $this->toothHertz());
    }

    private function pitchesPerTurn(): float
    {
        return $this->teeth->count() + $this->teeth->crackPitches;
    }

    /** The share of a turn that teeth and their gaps take up; the rest is a crack. */
    private function shareOfTeeth(): float
    {
        return $this->teeth->count() / $this->pitchesPerTurn();
    }
}
