<?php

declare(strict_types=1);

namespace Lernfall\Evidence\Advice;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Car\Memo;
use Lernfall\Bay\Contract\CarAction;
use Lernfall\Bay\Contract\Prediction;
use Lernfall\Bay\Contract\Refusal;
use Lernfall\Bay\Contract\Simulator;
use Lernfall\Vehicle\Vehicle;

/** What a trial can show on each of several cars: numbers that no instrument would tell apart are one outcome. */
final readonly class Outcomes
{
    /** Ways less likely than this are left out. */
    private const RARE = 0.02;

    public function __construct(private Simulator $simulator)
    {
    }

    /**
     * @param  list<Car>  $cars
     * @param  list<bool>  $graded  car by car: it is one strength out of many, so its numbers stand for others
     * @param  Car  $sound  the same with nothing wrong
     * @return list<array<string, float>> chance by outcome, car by car
     */
    public function of(Trial $trial, array $cars, array $graded, Car $sound): array
    {
        $usual = $this->shown($trial, $sound)[0]->predictions;
        $shown = [];
        foreach ($cars as $index => $car) {
            $shown[$index] = $this->shown($trial, $car);
        }

        return (new OutcomeNames($trial))->of($shown, $graded, $usual);
    }

    /**
     * As if the trial told apart all that it could: cars it was not tried on as far as their parts differ, the others by the
     * least difference. It shows no more than that.
     *
     * @param  list<Car>  $cars
     * @param  int  $tried  so many of the first
     * @return list<array<string, float>> chance by outcome, car by car
     */
    public function atBest(Trial $trial, array $cars, int $tried): array
    {
        $shown = array_map(fn (Car $car): array => $this->shown($trial, $car), array_slice($cars, 0, $tried));
        $named = (new OutcomeNames($trial))->of($shown, array_fill(0, count($shown), false), []);
        foreach (array_slice($cars, $tried, null, true) as $index => $car) {
            $named[] = ['parts '.($this->shares($trial, $car) ?? $this->likeness($trial, $car) ?? $index) => 1.0];
        }

        return $named;
    }

    /**
     * Whether it shows the same on all of these cars, as far as their parts tell.
     *
     * @param  list<Car>  $cars
     */
    public function isAlike(Trial $trial, array $cars): bool
    {
        $keys = array_map(fn (Car $car): ?string => $this->shares($trial, $car) ?? $this->likeness($trial, $car), $cars);

        return ! in_array(null, $keys, true) && count(array_unique($keys)) < 2;
    }

    /**
     * How likely it is that it would be begun on a car that nobody may drive.
     *
     * @param  list<Car>  $cars
     * @param  list<float>  $chances  car by car
     */
    public function risk(Trial $trial, array $cars, array $chances): float
    {
        $risk = 0.0;
        foreach ($cars as $index => $car) {
            foreach ($this->shown($trial, $car) as $way) {
                $isRefused = array_filter($way->predictions, static fn (Prediction $one): bool => $one->refusal === Refusal::PedalDoubtful) !== [];
                $risk += $isRefused ? $way->weight * $chances[$index] : 0.0;
            }
        }

        return $risk;
    }

    /** Cars with the same text show the same at this trial; null where only trying tells. */
    private function shares(Trial $trial, Car $car): ?string
    {
        if ($trial->reaches === []) {
            return null;
        }

        return Memo::with($car->vehicle, 'shares '.implode(' ', $trial->reaches), static function () use ($trial, $car): string {
            $vehicle = $car->vehicle;
            $channels = array_map($vehicle->channel(...), array_values(array_diff($trial->reaches, [Vehicle::UNIT])));

            return implode(' ', array_map(spl_object_id(...), [...$channels, $vehicle->power->feed, $vehicle->power->supply, $vehicle->module, $vehicle->brakeParts]));
        });
    }

    /** Cars with the same text most likely show the same at this trial: enough to leave it untried, not to answer it. */
    private function likeness(Trial $trial, Car $car): ?string
    {
        return $trial->alike === null ? null : Memo::with($car, 'likeness', static fn (): string => ($trial->alike)($car));
    }

    /** What its last question most likely shows on a car. */
    public function answer(Trial $trial, Car $car): Prediction
    {
        $ways = $this->shown($trial, $car);
        usort($ways, static fn (Shown $one, Shown $other): int => $other->weight <=> $one->weight);

        return $ways[0]->predictions[count($ways[0]->predictions) - 1];
    }

    /** @return non-empty-list<Shown> worked out once for cars that share what the trial reaches */
    private function shown(Trial $trial, Car $car): array
    {
        $shared = $car->isTypical() ? $this->shares($trial, $car) : null;
        [$part, $state] = $shared !== null
            ? [$trial->reaches[0] === Vehicle::UNIT ? $car->vehicle->unit() : $car->vehicle->channel($trial->reaches[0]), $shared.' '.implode(' ', array_map($car->state->text(...), $trial->reaches))]
            : [$car->vehicle, spl_object_id($car->deviations).' '.$car->state->text()];

        return Memo::with($part, "trial {$trial->text()} $state", fn (): array => $this->played($trial, $car));
    }

    /** @return non-empty-list<Shown> */
    private function played(Trial $trial, Car $car): array
    {
        $ways = $this->prepared($trial->before, $car);
        foreach ($trial->looks as $action) {
            $ways = $this->further($ways, $action, true);
        }

        return array_map(static fn (Shown $way): Shown => $way->over(), $ways);
    }

    /**
     * Many trials begin alike: what they have in common is done once.
     *
     * @param  list<CarAction>  $actions
     * @return non-empty-list<Shown>
     */
    private function prepared(array $actions, Car $car): array
    {
        $last = array_pop($actions);
        if ($last === null) {
            return [new Shown(1.0, $car, [])];
        }
        $text = implode(', ', array_map(static fn (CarAction $one): string => $one->question(), [...$actions, $last]));

        return Memo::with($car, $text, fn (): array => $this->further($this->prepared($actions, $car), $last, false));
    }

    /**
     * @param  non-empty-list<Shown>  $ways
     * @return non-empty-list<Shown>
     */
    private function further(array $ways, CarAction $action, bool $looks): array
    {
        $next = [];
        foreach ($ways as $way) {
            assert($way->car !== null);
            foreach ($this->simulator->predict($way->car, $action) as $branch) {
                $next[] = $way->then($branch, $looks);
            }
        }
        $likely = array_values(array_filter($next, static fn (Shown $one): bool => $one->weight >= self::RARE));
        if ($likely !== []) {
            return $likely;
        }
        usort($next, static fn (Shown $one, Shown $other): int => $other->weight <=> $one->weight);

        return [$next[0]];
    }
}
