<?php

declare(strict_types=1);

namespace Lernfall\Road;

use Lernfall\Vehicle\Motion\Chassis;

/**
 * What the driver of a stop can tell, in words: read from the record alone, in classes with room between them, since where the rings stand as the brakes are put on changes every figure a little.
 */
final readonly class Felt
{
    /** What there is to tell about each; of a wheel, it is "mark" with the name of the wheel. */
    public const WORDS = [
        'foot' => ['holds-under-foot', 'sinks-under-foot'],
        'beat' => ['no-beat', 'beats-back'],
        'course' => ['keeps-straight', 'pulls-left', 'pulls-right', 'swings-round'],
        'steering' => ['steering-answers', 'steering-dead'],
        'distance' => ['usual-distance', 'longer-distance', 'shorter-distance'],
        'mark' => ['wheel-rolls', 'wheel-leaves-mark'],
    ];

    /** A try that was not made counts for so much as one that was, for each word there is. */
    private const UNTRIED = 0.15;

    /** @param  array<string, non-empty-list<string>>  $told  of each try, by what it is about */
    private function __construct(private array $told)
    {
    }

    /**
     * @param  non-empty-list<RoadRecord>  $tries  the same stop, begun with the rings standing otherwise
     * @param  float  $usualMetres  in which this car stops when nothing is wrong with it
     * @param  float  $pedalCentimetres  how far its pedal goes down by this foot while it stands, then
     * @param  list<string>  $wheels  names of the wheels
     */
    public static function of(array $tries, float $usualMetres, float $pedalCentimetres, StopTask $task, Chassis $chassis, array $wheels, FeltLimits $limits): self
    {
        $told = [];
        foreach ($tries as $one) {
            $told['foot'][] = max([0.0, ...$one->pedalCentimetres]) - $pedalCentimetres > $limits->sinksCentimetres ? 'sinks-under-foot' : 'holds-under-foot';
            $told['beat'][] = $one->returned() > $limits->beatsCubicCentimetres ? 'beats-back' : 'no-beat';
            $told['course'][] = self::course(Yaw::of($one, $chassis, $task->track), $limits);
            $told['steering'][] = self::locks($one, 0, $limits) && self::locks($one, 1, $limits) ? 'steering-dead' : 'steering-answers';
            $further = $one->stopMetres() - $usualMetres;
            $told['distance'][] = abs($further) <= $limits->distanceShare * $usualMetres + $limits->distanceMetres ? 'usual-distance' : ($further > 0.0 ? 'longer-distance' : 'shorter-distance');
            foreach ($wheels as $wheel => $name) {
                $told["mark.$name"][] = self::locks($one, $wheel, $limits) ? 'wheel-leaves-mark' : 'wheel-rolls';
            }
        }

        return new self($told);
    }

    /** @return list<string> what there is to tell about */
    public function subjects(): array
    {
        return array_keys($this->told);
    }

    /** @return array<string, float> chance of each word, by how many tries tell it */
    public function chances(string $about): array
    {
        $counts = array_count_values($this->told[$about]);
        $words = self::WORDS[explode('.', $about)[0]];
        $all = count($this->told[$about]) + self::UNTRIED * count($words);

        return array_combine($words, array_map(static fn (string $word): float => (($counts[$word] ?? 0) + self::UNTRIED) / $all, $words));
    }

    private static function course(Yaw $yaw, FeltLimits $limits): string
    {
        return match (true) {
            $yaw->goesRound() => 'swings-round',
            $yaw->momentPerKilogram > $limits->pullsNewtonMetresPerKilogram => 'pulls-left',
            $yaw->momentPerKilogram < -$limits->pullsNewtonMetresPerKilogram => 'pulls-right',
            default => 'keeps-straight',
        };
    }

    private static function locks(RoadRecord $record, int $wheel, FeltLimits $limits): bool
    {
        return $record->lockedSeconds($wheel, $limits->locksAboveMetresPerSecond) > $limits->locksSeconds;
    }
}
