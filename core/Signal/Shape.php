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

    private TurningPoints $points;

    private function __construct(private Teeth $teeth, private float $turnsPerSecond, private bool $isSine, private ?float $pulseSeconds, private ?SignsOfLife $life = null)
    {
        $this->points = new TurningPoints;
    }

    /** @param  float  $turnsPerSecond  below zero backwards, which only the length of pulses tells */
    public static function of(Channel $channel, float $turnsPerSecond): self
    {
        return new self(
            Teeth::of($channel),
            abs($turnsPerSecond),
            ! $channel->sensor->isActive(),
            $channel->sensor->pulseSeconds($turnsPerSecond < 0.0, $channel->wheelEnd->gapMetres),
            ($life = $channel->sensor->signOfLife()) === null ? null : new SignsOfLife(...$life),
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
        if ($this->life !== null && $this->life->isSentAfter($this->secondsSinceTooth($pitches))) {
            return 1.0;
        }
        $within = $pitches - $this->teeth->crackPitches;
        if ($within < 0.0) {
            return 0.0;
        }
        $tooth = min((int) floor($within), $this->teeth->count() - 1);
        $within -= $tooth;

        return $this->teeth->felt[$tooth] * ($this->isSine ? sin(2.0 * M_PI * $within) : ($within < $this->onShare() ? 1.0 : 0.0));
    }

    /** Since the front edge of the last tooth that was felt; infinite where none is. */
    private function secondsSinceTooth(float $pitches): float
    {
        $within = $pitches - $this->teeth->crackPitches;
        for ($back = 0; $back <= $this->teeth->count(); $back++) {
            $tooth = (int) floor($within) - $back;
            $around = $tooth < 0 ? $this->pitchesPerTurn() : 0.0;
            $index = $tooth < 0 ? $tooth + $this->teeth->count() : $tooth;
            if (($this->teeth->felt[$index] ?? 0.0) > 0.0) {
                $front = $tooth < 0 ? $index + $this->teeth->crackPitches - $around : $index + $this->teeth->crackPitches;

                return ($pitches - $front) / $this->toothHertz();
            }
        }

        return INF;
    }

    /** Signs of life in a turn. */
    private function livesPerTurn(): int
    {
        if ($this->life === null || $this->toothHertz() <= 0.0) {
            return 0;
        }
        $felt = array_keys(array_filter($this->teeth->felt, static fn (float $strength): bool => $strength > 0.0));
        $lives = 0;
        foreach ($felt as $at => $tooth) {
            $next = $felt[$at + 1] ?? $felt[0] + $this->pitchesPerTurn();
            $lives += $this->life->between(($next - $tooth) / $this->toothHertz());
        }

        return $lives;
    }

    /**
     * Its least and greatest value between two times.
     *
     * @return array{float, float}
     */
    public function extremes(float $from, float $to): array
    {
        if ($this->toothHertz() <= 0.0 || $to <= $from) {
            return [$this->at($from), $this->at($from)];
        }
        // what lies beyond a whole turn only repeats it
        $to = min($to, $from + $this->secondsPerTurn());
        [$least, $greatest] = [min($this->at($from), $this->at($to)), max($this->at($from), $this->at($to))];
        $first = floor($from * $this->turnsPerSecond);
        $pitchesPerTurn = $this->pitchesPerTurn();
        for ($turn = $first - 1.0; $turn / $this->turnsPerSecond <= $to; $turn++) {
            foreach ($this->turningPoints()->between(($from * $this->turnsPerSecond - $turn) * $pitchesPerTurn, ($to * $this->turnsPerSecond - $turn) * $pitchesPerTurn) as [$pitches, $value]) {
                $seconds = ($turn + $pitches / $pitchesPerTurn) / $this->turnsPerSecond;
                if ($seconds > $from && $seconds < $to) {
                    $least = min($least, $value);
                    $greatest = max($greatest, $value);
                }
            }
        }

        return [$least, $greatest];
    }

    /** Where in a turn it is greatest or least for a moment, or steps to another level. */
    private function turningPoints(): TurningPoints
    {
        if ($this->points->areKnown()) {
            return $this->points;
        }
        $points = $this->teeth->crackPitches > 0.0 ? [[0.0, 0.0]] : [];
        foreach ($this->teeth->felt as $tooth => $strength) {
            $front = $tooth + $this->teeth->crackPitches;
            array_push($points, ...$this->isSine
                ? [[$front + 0.25, $strength], [$front + 0.75, -$strength]]
                : [[$front, $this->onShare() > 0.0 ? $strength : 0.0], ...($this->onShare() < 1.0 ? [[$front + $this->onShare(), 0.0]] : [])]);
        }
        $this->points->keep([...$points, ...$this->lifePoints()]);

        return $this->points;
    }

    /** @return list<array{float, float}> */
    private function lifePoints(): array
    {
        if ($this->livesPerTurn() === 0 || $this->life === null) {
            return [];
        }
        $points = [];
        $felt = array_keys(array_filter($this->teeth->felt, static fn (float $strength): bool => $strength > 0.0));
        foreach ($felt as $at => $tooth) {
            $gap = (($felt[$at + 1] ?? $felt[0] + $this->pitchesPerTurn()) - $tooth) / $this->toothHertz();
            for ($life = 1; $life <= $this->life->between($gap); $life++) {
                $begins = $tooth + $this->teeth->crackPitches + $life * $this->life->everySeconds * $this->toothHertz();
                array_push($points, [$begins, 1.0], [$begins + $this->life->seconds * $this->toothHertz(), 0.0]);
            }
        }

        return $points;
    }

    /** Whether looks this far apart show all there is to it; between them something may happen otherwise. */
    public function isSeenEvery(float $seconds): bool
    {
        return $seconds <= ($this->isSine ? self::PARTS_OF_A_SINE / 4.0 : 0.5) * $this->shortestSeconds();
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
            default => min($this->onShare() / $this->toothHertz(), $this->life->seconds ?? INF),
        };
    }

    /** Rises a second, on the mean of whole turns, of teeth that are felt at all. */
    public function risesPerSecond(): float
    {
        return $this->turnsPerSecond * ($this->teeth->count() * $this->teeth->shareFrom(0.0) + $this->livesPerTurn());
    }

    public function secondsPerTurn(): float
    {
        return $this->turnsPerSecond > 0.0 ? 1.0 / $this->turnsPerSecond : INF;
    }

    /** Mean over whole turns. */
    public function mean(): float
    {
        return $this->isSine ? 0.0 : $this->onShare() * $this->teeth->mean() * $this->shareOfTeeth() + $this->livesPerTurn() * ($this->life->seconds ?? 0.0) * $this->turnsPerSecond;
    }

    public function meanBetween(float $from, float $to): float
    {
        return ($this->area($to) - $this->area($from)) / ($to - $from);
    }

    /** Its integral from the beginning of the first turn, in seconds. */
    private function area(float $seconds): float
    {
        $turns = $seconds * $this->turnsPerSecond;
        $whole = floor($turns);
        $pitches = ($turns - $whole) * $this->pitchesPerTurn();
        $area = $whole * $this->mean() * $this->pitchesPerTurn();
        foreach ($this->teeth->felt as $tooth => $strength) {
            $within = max(0.0, min(1.0, $pitches - $tooth - $this->teeth->crackPitches));
            $area += $strength * ($this->isSine ? (1.0 - cos(2.0 * M_PI * $within)) / (2.0 * M_PI) : min($within, $this->onShare()));
        }
        $points = $this->lifePoints();
        for ($life = 0; $life < count($points); $life += 2) {
            foreach ([0.0, $this->pitchesPerTurn()] as $before) { // those of the turn before reach into this one
                $begins = $points[$life][0] - $before;
                $ends = $points[$life + 1][0] - $before;
                $area += $before === 0.0 ? max(0.0, min($pitches, $ends, $this->pitchesPerTurn()) - min($pitches, $begins, $this->pitchesPerTurn())) : max(0.0, min($pitches, max(0.0, $ends)) - min($pitches, max(0.0, $begins)));
            }
        }

        return $area / $this->toothHertz();
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
