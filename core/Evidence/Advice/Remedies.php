<?php

declare(strict_types=1);

namespace Lernfall\Evidence\Advice;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Car\Incoming;
use Lernfall\Bay\Car\Memo;
use Lernfall\Bay\Contract\Simulator;
use Lernfall\Bay\Lift\Secure;
use Lernfall\Bay\Lift\SecureStep;
use Lernfall\Bay\Repair\Repair;
use Lernfall\Bay\Repair\RepairKind;
use Lernfall\Vehicle\Channel;
use Lernfall\Vehicle\Vehicle;

/**
 * Which repairs take away what a car came in with, found by trying them. What has been done to it since is left aside: a
 * makeshift is no cause, and a part spoilt in the bay is not what the car came for.
 */
final readonly class Remedies
{
    /** A case has no more faults than this; a car with more wrong is beyond a working day. */
    private const MOST = 4;

    public function __construct(private Simulator $simulator)
    {
    }

    /** @return ?list<Repair> the cheapest that put everything right, none where nothing is wrong; null where nothing helps */
    public function of(Car $car): ?array
    {
        $vehicle = Incoming::left($car);

        return Memo::with($vehicle, 'remedies', fn (): array => [$this->found($this->onStands($vehicle, $car->sound), self::MOST)])[0];
    }

    /** What the cheapest of them cost together, in money; 0 where nothing helps. */
    public function cost(Car $car): float
    {
        return $this->priceOf($this->of($car) ?? [], $car->sound);
    }

    /** Names a set of repairs; "none" where nothing is to be repaired, "beyond" where nothing helps. */
    public function name(Car $car): string
    {
        $repairs = $this->of($car);

        return match (true) {
            $repairs === null => 'beyond',
            $repairs === [] => 'none',
            default => implode('+', array_map(self::key(...), $repairs)),
        };
    }

    public static function key(Repair $repair): string
    {
        return "{$repair->kind->value}@$repair->channel";
    }

    /** Whether this repair takes away something that the car came in with. */
    public function helps(Car $car, Repair $repair): bool
    {
        $vehicle = Incoming::left($car);

        return ! $repair->kind->isMakeshift() && Memo::with($vehicle, 'helped by '.self::key($repair), fn (): bool => $this->isHelped($vehicle, $car->sound, $repair));
    }

    private function isHelped(Vehicle $vehicle, Vehicle $sound, Repair $repair): bool
    {
        $before = $this->wrong($vehicle, $sound);
        $after = $before === [] ? $vehicle : $this->tried($this->onStands($vehicle, $sound), $repair)->vehicle;

        return count($this->wrong($after, $sound)) < count($before) || $after == $sound && $before !== [];
    }

    /** Whether this repair changes anything on a car as it came in. */
    public function changes(Car $car, Repair $repair): bool
    {
        return $this->tried($this->onStands($car->arrived, $car->sound), $repair)->vehicle != $car->arrived;
    }

    /** Whether more is wrong with a car than was before. */
    public function harms(Car $before, Car $after): bool
    {
        return count($this->spoilt($after)) > count($this->spoilt($before));
    }

    /** @return list<string> what is wrong with a car but for what a repair leaves to be finished: air, a unit that is not coded */
    private function spoilt(Car $car): array
    {
        return array_values(array_filter($this->wrong($car->own()->vehicle, $car->sound), static fn (string $part): bool => ! str_ends_with($part, '/air') && ! str_ends_with($part, '/coding')));
    }

    /** Material and working time, in money, with what belongs to the repair. */
    public function price(Repair $repair, Vehicle $sound): float
    {
        return $this->simulator->price($repair) + array_sum(array_map(fn (RepairKind $next): float => $this->simulator->price(new Repair($next, Vehicle::WHOLE)), $repair->kind->followedBy($sound)));
    }

    /** @param  list<Repair>  $repairs */
    public function priceOf(array $repairs, Vehicle $sound): float
    {
        return array_sum(array_map(fn (Repair $repair): float => $this->price($repair, $sound), $repairs));
    }

    /** @return ?list<Repair> */
    private function found(Car $car, int $most): ?array
    {
        if ($car->vehicle == $car->sound) {
            return [];
        }
        if ($most === 0) {
            return null;
        }
        $wrong = count($this->wrong($car->vehicle, $car->sound));
        $best = null;
        $cost = INF;
        foreach ($this->sensible($car) as $repair) {
            $after = $this->tried($car, $repair);
            $left = count($this->wrong($after->vehicle, $car->sound));
            if ($this->price($repair, $car->sound) >= $cost || $left >= $wrong && $after->vehicle != $car->sound) {
                continue;
            }
            $rest = $this->found($after, $most - 1);
            $price = $this->priceOf([$repair, ...$rest ?? []], $car->sound);
            if ($rest !== null && $price < $cost) {
                [$best, $cost] = [[$repair, ...$rest], $price];
            }
        }

        return $best;
    }

    /** @return list<Repair> that touch a place where something is wrong, cheapest first, makeshifts left aside */
    private function sensible(Car $car): array
    {
        $places = array_unique(array_map(static fn (string $one): string => explode('/', $one)[0], $this->wrong($car->vehicle, $car->sound)));
        $repairs = [];
        foreach (RepairKind::cases() as $kind) {
            foreach ($kind->isMakeshift() ? [] : $kind->places($car->sound) as $place) {
                if (array_intersect($kind->concerns($place, $car->sound), $places) !== []) {
                    $repairs[] = new Repair($kind, $place);
                }
            }
        }
        usort($repairs, fn (Repair $one, Repair $other): int => $this->price($one, $car->sound) <=> $this->price($other, $car->sound));

        return $repairs;
    }

    /** @return list<string> "place/part" of everything that is not as it should be */
    private function wrong(Vehicle $vehicle, Vehicle $sound): array
    {
        $wrong = [];
        foreach ($vehicle->channels as $index => $channel) {
            if ($channel !== $sound->channels[$index]) {
                array_push($wrong, ...$this->wrongParts($channel, $sound->channels[$index]));
            }
        }
        $differs = ['feed' => $vehicle->power->feed != $sound->power->feed, 'supply' => $vehicle->power->supply != $sound->power->supply, 'module' => $vehicle->module != $sound->module];
        foreach (array_keys(array_filter($differs)) as $part) {
            $wrong[] = Vehicle::WHOLE."/$part";
        }
        foreach ($vehicle->brakeParts->ids() as $part) {
            if ($vehicle->brakeParts->state($part) !== $sound->brakeParts->state($part)) {
                $wrong[] = Vehicle::WHOLE."/$part";
            }
        }
        if ($vehicle->brakeParts->unit !== $sound->brakeParts->unit) {
            $built = $sound->unit()->parts();
            array_push($wrong, ...array_keys(array_filter($vehicle->unit()->parts(), static fn (mixed $part, string $name): bool => $part != $built[$name], ARRAY_FILTER_USE_BOTH)));
        }

        return $wrong;
    }

    /** @return list<string> */
    private function wrongParts(Channel $channel, Channel $sound): array
    {
        $wrong = [];
        $built = $sound->parts();
        foreach ($channel->parts() as $part => $value) {
            if ($value == $built[$part]) {
                continue;
            }
            if ($part !== 'links') {
                $wrong[] = "$channel->id/$part";

                continue;
            }
            foreach ($channel->links as $place => $link) {
                if ($link != ($sound->links[$place] ?? null)) {
                    $wrong[] = "$channel->id/$part$place";
                }
            }
        }

        return $wrong;
    }

    private function onStands(Vehicle $vehicle, Vehicle $sound): Car
    {
        $parked = Car::hypothesis($vehicle, $sound);
        foreach ([SecureStep::Chock, SecureStep::Raise, SecureStep::Stand] as $step) {
            $parked = $this->simulator->predict($parked, new Secure($step))[0]->car;
        }

        return $parked;
    }

    /** With what belongs to the repair. */
    private function tried(Car $car, Repair $repair): Car
    {
        $car = $this->simulator->predict($car, $repair)[0]->car;

        return array_reduce($repair->kind->followedBy($car->sound), fn (Car $done, RepairKind $next): Car => $this->simulator->predict($done, new Repair($next, Vehicle::WHOLE))[0]->car, $car);
    }
}
