<?php

declare(strict_types=1);

namespace Lernfall\Bay\Actuators;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Contract\Branch;
use Lernfall\Bay\Contract\Refusal;
use Lernfall\Bay\Lift\OnTheLift;

/**
 * Commands of the tool are limited in time, since coils and pump grow hot by them: what has been driven too often in a row has to rest. Common practice, no source.
 */
final readonly class Strain
{
    public function __construct(private OnTheLift $lift)
    {
    }

    /**
     * What comes of an action that drives valves or pump; refused where they have to rest first.
     *
     * @param  int  $valves  how many are driven
     * @param  non-empty-list<Branch>  $branches  without their strain
     * @return non-empty-list<Branch>
     */
    public function on(Car $car, int $valves, bool $pump, array $branches): array
    {
        $share = $this->lift->valveStrain * $valves + ($pump ? $this->lift->pumpStrain : 0.0);
        if ($share === 0.0) {
            return $branches;
        }

        return $car->state->lasting->mustRest() ? Branch::refused($car, Refusal::UnitHot) : array_map(
            static fn (Branch $one): Branch => $one->prediction->refusal === null ? new Branch($one->weight, $one->car->in($one->car->state->strainedBy($share)), $one->prediction) : $one,
            $branches,
        );
    }

    /**
     * @param  non-empty-list<Branch>  $branches  without their strain
     * @return non-empty-list<Branch>
     */
    public function during(Car $car, Meanwhile $meanwhile, array $branches): array
    {
        return $this->on($car, count($meanwhile->valves()), $meanwhile->runsPump(), $branches);
    }
}
