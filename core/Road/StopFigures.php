<?php

declare(strict_types=1);

namespace Lernfall\Road;

use Lernfall\Vehicle\Motion\Chassis;

/** What of one stop a driver could notice, as figures. */
final readonly class StopFigures
{
    /** A figure that is as far from where it would be noticed as this, up or down, is told alike wherever the rings stand. */
    private const CLEAR = [0.65, 1.5];

    /**
     * @param  float  $heardSeconds  that the pump turned
     * @param  list<float>  $lockedSeconds  by wheel
     * @param  float  $furtherMetres  than usual
     */
    private function __construct(
        private UnderFoot $underFoot,
        private float $heardSeconds,
        private Yaw $yaw,
        private array $lockedSeconds,
        private float $furtherMetres,
        private float $usualMetres,
    ) {
    }

    /**
     * @param  float  $usualMetres  in which this car stops when nothing is wrong with it
     * @param  float  $pedalCentimetres  how far its pedal goes down by this foot while it stands, then
     */
    public static function of(RoadRecord $record, float $usualMetres, float $pedalCentimetres, StopTask $task, Chassis $chassis, FeltLimits $limits): self
    {
        return new self(
            UnderFoot::of($record, $pedalCentimetres),
            $record->tickSeconds * count(array_filter($record->pumpTurns)),
            Yaw::of($record, $chassis, $task->track),
            array_map(static fn (int $wheel): float => $record->lockedSeconds($wheel, $limits->locksAboveMetresPerSecond), [0, 1, 2, 3]),
            $record->stopMetres() - $usualMetres,
            $usualMetres,
        );
    }

    /**
     * @param  list<string>  $wheels  names of the wheels
     * @return array<string, string> a word each, by what it is about
     */
    public function words(array $wheels, FeltLimits $limits): array
    {
        $locks = array_map(static fn (float $seconds): bool => $seconds > $limits->locksSeconds, $this->lockedSeconds);
        $words = [
            ...$this->underFoot->words($limits),
            'unit' => $this->heardSeconds > $limits->hearsSeconds ? 'unit-heard' : 'unit-quiet',
            'course' => match (true) {
                $this->yaw->goesRound() => 'swings-round',
                $this->yaw->momentPerKilogram > $limits->pullsNewtonMetresPerKilogram => 'pulls-left',
                $this->yaw->momentPerKilogram < -$limits->pullsNewtonMetresPerKilogram => 'pulls-right',
                default => 'keeps-straight',
            },
            'steering' => $locks[0] && $locks[1] ? 'steering-dead' : 'steering-answers',
            'distance' => match (true) {
                abs($this->furtherMetres) <= $limits->distanceShare * $this->usualMetres + $limits->distanceMetres => 'usual-distance',
                $this->furtherMetres > 0.0 => 'longer-distance',
                default => 'shorter-distance',
            },
        ];
        foreach ($wheels as $wheel => $name) {
            $words["mark.$name"] = $locks[$wheel] ? 'wheel-leaves-mark' : 'wheel-rolls';
        }

        return $words;
    }

    /** Whether no figure lies near to where it would be told otherwise. */
    public function isClear(FeltLimits $limits): bool
    {
        $wheels = ['0', '1', '2', '3'];

        return $this->words($wheels, $limits->times(self::CLEAR[0])) === $this->words($wheels, $limits->times(self::CLEAR[1]));
    }
}
