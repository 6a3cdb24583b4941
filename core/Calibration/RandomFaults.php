<?php

declare(strict_types=1);

namespace Lernfall\Calibration;

use Lernfall\Chance\Draw;
use Lernfall\Fault\Catalogue;
use Lernfall\Fault\CatalogueEntry;
use Lernfall\Fault\Fault;
use Lernfall\Vehicle\Vehicle;

/** Single faults drawn by a seed: any kind at any place, at strengths off the grid of the hypotheses. */
final readonly class RandomFaults
{
    private Draw $draw;

    public function __construct(private Catalogue $catalogue, string $seed)
    {
        $this->draw = new Draw($seed);
    }

    public function on(Vehicle $vehicle, int $number): Fault
    {
        $entries = array_values(array_filter($this->catalogue->entries, static fn (CatalogueEntry $entry): bool => $entry->kind->places($vehicle) !== []));
        $entry = $this->one($entries, "kind $number");
        $place = $this->one($entry->kind->places($vehicle), "place $number");
        $conductor = $entry->kind->onConductor ? $this->one($vehicle->channel($place)->conductors, "conductor $number")->id : '';

        return $this->catalogue->fault($vehicle, $entry->kind->id, $place, $conductor, $this->strength($entry, $this->draw->uniform("strength $number")));
    }

    /** Evenly over the logarithm between the mildest and the strongest; whole where only whole ones exist. */
    private function strength(CatalogueEntry $entry, float $share): float
    {
        [$least, $most] = [min($entry->strengths), max($entry->strengths)];

        return match (true) {
            $least === $most => $least,
            $entry->kind->unit === 'teeth' => $entry->strengths[(int) ($share * count($entry->strengths))],
            default => $least * ($most / $least) ** $share,
        };
    }

    /**
     * @template T
     *
     * @param  list<T>  $list
     * @return T
     */
    private function one(array $list, string $name): mixed
    {
        return $list[(int) ($this->draw->uniform($name) * count($list))];
    }
}
