<?php

declare(strict_types=1);

namespace Lernfall\Road;

use Lernfall\Vehicle\Motion\Chassis;

/**
 * How a car turns about its upright axis in a stop, with a driver who steers against it: two equations of motion in the plane, sideways and about that axis.
 *
 * A wheel's grip is shared between braking and steering by their common slip s = √(λ² + α²): its side force is load · μ(s) · α / s (Burckhardt, as in Friction), so that a locked wheel steers
 * next to nothing. The moment of inertia is taken as mass times the distances of both axles from the centre of gravity, an assumption. How it turns does not act back on how it stops.
 */
final readonly class Yaw
{
    /** Below this speed nothing is felt any more. */
    private const LEAST_METRES_PER_SECOND = 2.0;

    /** Valves of both sides never let go in the same moment: a turning shorter than this is felt as if it were spread over so long. An assumption. */
    private const FELT_OVER_SECONDS = 2.0;

    /** Turned so far it goes on round. */
    private const ROUND_RADIANS = M_PI / 4.0;

    /** The driver: after so long he steers against it, so quickly, by so much for the angle and its rate, and so far at most. */
    private const REACTS_AFTER_SECONDS = 0.25;

    private const STEERS_IN_SECONDS = 0.12;

    private const FOR_ANGLE = 1.0;

    private const FOR_RATE_SECONDS = 0.35;

    private const MOST_RADIANS = 0.2;

    /**
     * @param  float  $momentPerKilogram  mean turning moment of the brakes against the mass, over no less than FELT_OVER_SECONDS, N·m/kg; above zero to the left
     * @param  float  $greatestRadians  furthest it has turned; above zero to the left
     * @param  list<array{float, float}>  $path  metres it is off its line, and radians it has turned, tick by tick, both above zero to the left; until nothing is felt any more, or it goes round
     */
    private function __construct(public float $momentPerKilogram, public float $greatestRadians, public array $path)
    {
    }

    public static function of(RoadRecord $record, Chassis $chassis, Track $track): self
    {
        [$front, $rear] = [$chassis->gravityBehindFrontAxleMetres, $chassis->wheelbaseMetres - $chassis->gravityBehindFrontAxleMetres];
        $inertia = $chassis->massKilograms * $front * $rear;
        $frictions = [];
        [$sideways, $rate, $angle, $steering, $furthest, $moments, $off, $path] = [0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, []];
        foreach ($record->metresPerSecond as $tick => $speed) {
            if ($speed < self::LEAST_METRES_PER_SECOND || abs($angle) > self::ROUND_RADIANS) {
                break;
            }
            [$side, $moment, $braked] = [0.0, 0.0, 0.0];
            foreach ([0, 1, 2, 3] as $wheel) {
                $along = $wheel < 2 ? $front : -$rear;
                $across = ($wheel % 2 === 0 ? 1.0 : -1.0) * $chassis->trackMetres / 2.0;
                $drift = ($wheel < 2 ? $steering : 0.0) - atan2($sideways + $rate * $along, max(1.0, $speed - $rate * $across));
                $slip = sqrt($record->slips[$tick][$wheel] ** 2 + $drift ** 2);
                $surface = $track->at($record->metres[$tick] - ($wheel < 2 ? 0.0 : $chassis->wheelbaseMetres), $wheel % 2 === 0);
                $force = $slip > 0.0 ? $record->loads[$tick][$wheel] * ($frictions[$surface->value] ??= $surface->friction())->at(min(1.0, $slip)) * $drift / $slip : 0.0;
                $side += $force;
                $moment += $along * $force;
                $braked += $across * $record->forces[$tick][$wheel];
            }
            $seconds = $record->tickSeconds;
            $rate += ($moment + $braked) / $inertia * $seconds;
            $sideways += ($side / $chassis->massKilograms - $speed * $rate) * $seconds;
            $angle += $rate * $seconds;
            $wanted = $record->seconds[$tick] < self::REACTS_AFTER_SECONDS ? 0.0 : -self::FOR_ANGLE * $angle - self::FOR_RATE_SECONDS * $rate;
            $steering += (max(-self::MOST_RADIANS, min(self::MOST_RADIANS, $wanted)) - $steering) * $seconds / self::STEERS_IN_SECONDS;
            $furthest = abs($angle) > abs($furthest) ? $angle : $furthest;
            $moments += $braked;
            $off += ($speed * sin($angle) + $sideways * cos($angle)) * $seconds;
            $path[] = [$off, $angle];
        }

        return new self($moments * $record->tickSeconds / max(self::FELT_OVER_SECONDS, count($path) * $record->tickSeconds) / $chassis->massKilograms, $furthest, $path);
    }

    public function goesRound(): bool
    {
        return abs($this->greatestRadians) > self::ROUND_RADIANS;
    }
}
