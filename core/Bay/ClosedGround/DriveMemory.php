<?php

declare(strict_types=1);

namespace Lernfall\Bay\ClosedGround;

use Closure;
use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Car\Memo;
use Lernfall\Bay\Workshop\Equipment;
use Lernfall\Document\Node;
use Lernfall\Vehicle\Vehicle;

/** Drives of cars that could be there are worked out once: while such a car is in memory, and, where the workshop keeps them, as long as nothing of their computation changes. */
final readonly class DriveMemory implements Equipment
{
    private function __construct(private ?KnownDrives $known)
    {
    }

    public static function read(Node $workshop): static
    {
        return new self(null);
    }

    public static function behind(KnownDrives $known): self
    {
        return new self($known);
    }

    /**
     * @param  string  $asked  what is driven, and all it depends on besides the car's model and its hydraulic unit
     * @param  string  $task  what of that is the same for all cars of a model
     * @param  Closure(): DriveOutcome  $work
     */
    public function with(Car $car, string $asked, string $task, Closure $work): DriveOutcome
    {
        return Memo::with($car->vehicle->unit(), $asked, function () use ($car, $asked, $task, $work): DriveOutcome {
            if ($this->known === null) {
                return $work();
            }
            $group = self::name($car->vehicle->model->build, $car->vehicle->tyre, $car->sound->unit(), $task);
            $key = self::name($car->vehicle->unit(), $car->unitWiring(), $car->vehicle->climate->ambientCelsius, $asked);
            $found = $this->known->find($group, $key);
            if ($found === null) {
                $found = $work();
                $this->known->keep($group, $key, $found);
            }

            return $found;
        });
    }

    /**
     * What a car with nothing wrong with it does in a drive: the same whatever is wrong with the one that is driven.
     *
     * @param  string  $told  what is driven, and what is asked of it
     * @param  Closure(): float  $work
     */
    public function usual(Vehicle $sound, string $told, Closure $work): float
    {
        return Memo::with($sound->unit(), "usual $told", function () use ($sound, $told, $work): float {
            if ($this->known === null) {
                return $work();
            }
            $key = self::name($sound, $told);
            $found = $this->known->usual($key);
            if ($found === null) {
                $found = $work();
                $this->known->keepUsual($key, $found);
            }

            return $found;
        });
    }

    private static function name(mixed ...$parts): string
    {
        return hash('xxh128', serialize($parts));
    }
}
