<?php

declare(strict_types=1);

namespace Lernfall\Bay\Contract;

use Lernfall\Bay\Car\Car;

/** One way an action can turn out: how likely, the car afterwards, and what it shows. */
final readonly class Branch
{
    public function __construct(public float $weight, public Car $car, public Prediction $prediction)
    {
    }

    /** @return non-empty-list<self> */
    public static function only(Car $car, Prediction $prediction): array
    {
        return [new self(1.0, $car, $prediction)];
    }

    /** @return non-empty-list<self> */
    public static function refused(Car $car, Refusal $reason): array
    {
        return self::only($car, Prediction::refused($reason));
    }

    /** @param  non-empty-list<self>  $branches */
    public static function likeliest(array $branches): self
    {
        usort($branches, static fn (self $one, self $other): int => $other->weight <=> $one->weight);

        return $branches[0];
    }
}
