<?php

declare(strict_types=1);

namespace Lernfall\Road;

/** What of one pulling away a driver could notice, as figures. */
final readonly class StartFigures
{
    /** A figure that is as far from where it would be noticed as this, up or down, is told alike wherever the rings stand. */
    private const CLEAR = [0.65, 1.5];

    /** An engine that gets less than this of what is asked is held back. */
    private const HELD_BACK_SHARE = 0.9;

    /** The lamp flickers when the module has been at work for this long. */
    private const FLICKERS_SECONDS = 0.1;

    /**
     * @param  array<int, float>  $spinningSeconds  by driven wheel
     * @param  float  $heardSeconds  that the pump turned
     * @param  float  $atWorkSeconds  that the module braked a wheel or held the engine back
     */
    private function __construct(private float $fasterMetresPerSecond, private float $usualMetresPerSecond, private array $spinningSeconds, private float $heardSeconds, private float $heldBackSeconds, private float $atWorkSeconds)
    {
    }

    /**
     * @param  float  $usualMetresPerSecond  that this car has come to when nothing is wrong with it
     * @param  int  $left  its left driven wheel; the right one is the next
     */
    public static function of(RoadRecord $record, float $usualMetresPerSecond, int $left, StartLimits $limits): self
    {
        $spins = static fn (int $wheel): float => $record->tickSeconds * count(array_filter(
            array_keys($record->wheels), static fn (int $tick): bool => $record->wheels[$tick][$wheel] - $record->metresPerSecond[$tick] > $limits->spinsMetresPerSecond,
        ));
        $heldBack = $record->tickSeconds * count(array_filter($record->engineShares, static fn (float $share): bool => $share < self::HELD_BACK_SHARE));

        return new self(
            $record->lastMetresPerSecond() - $usualMetresPerSecond,
            $usualMetresPerSecond,
            [$left => $spins($left), $left + 1 => $spins($left + 1)],
            $record->tickSeconds * count(array_filter($record->pumpTurns)),
            $heldBack,
            $heldBack + $record->tickSeconds * count(array_filter($record->pump)),
        );
    }

    /**
     * @param  list<string>  $wheels  names of the wheels
     * @return array<string, string> a word each, by what it is about
     */
    public function words(array $wheels, StartLimits $limits): array
    {
        $words = [
            'away' => match (true) {
                abs($this->fasterMetresPerSecond) <= $limits->speedShare * $this->usualMetresPerSecond + $limits->speedMetresPerSecond => 'usual-away',
                $this->fasterMetresPerSecond > 0.0 => 'quicker-away',
                default => 'slower-away',
            },
            'unit' => $this->heardSeconds > $limits->hearsSeconds ? 'unit-heard' : 'unit-quiet',
            'engine' => $this->heldBackSeconds > $limits->hearsSeconds ? 'engine-held-back' : 'engine-pulls',
            'lamp' => $this->atWorkSeconds > self::FLICKERS_SECONDS ? 'lamp-flickers' : 'lamp-dark',
        ];
        foreach ($this->spinningSeconds as $wheel => $seconds) {
            $words["spin.$wheels[$wheel]"] = $seconds > $limits->spinsSeconds ? 'wheel-spins' : 'wheel-grips';
        }

        return $words;
    }

    /** Whether no figure lies near to where it would be told otherwise. */
    public function isClear(StartLimits $limits): bool
    {
        $wheels = ['0', '1', '2', '3'];

        return $this->words($wheels, $limits->times(self::CLEAR[0])) === $this->words($wheels, $limits->times(self::CLEAR[1]));
    }
}
