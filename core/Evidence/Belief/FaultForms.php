<?php

declare(strict_types=1);

namespace Lernfall\Evidence\Belief;

use Lernfall\Fault\CatalogueEntry;
use Lernfall\Fault\Fault;
use Lernfall\Vehicle\Provocation;
use Lernfall\Vehicle\Vehicle;

/** The forms a kind of fault can have at a place: on each wire, in each strength, always there or coming and going. */
final readonly class FaultForms
{
    /** @param  list<Neighbour>  $neighbours  further strengths and provocations at their places */
    public function __construct(private Vehicle $vehicle, private Priors $priors, private array $neighbours = [])
    {
    }

    /** @return list<array{Fault, float}> with the share of the kind's prior at that place */
    public function at(CatalogueEntry $entry, string $place): array
    {
        $near = array_filter($this->neighbours, static fn (Neighbour $one): bool => $one->place() === $place);
        $conductors = $this->conductors($entry, $place);
        $strengths = self::strengths($entry, $near);
        $comingAndGoing = $this->priors->comingAndGoing;
        $usual = $comingAndGoing->provoking($entry->kind->id);
        $strange = self::strange($entry, $near, $usual);
        $provoked = $this->provokedStrengths($entry, $near);
        $shares = ['usual' => $usual === [] ? 0.0 : $comingAndGoing->share, 'strange' => $strange === [] ? 0.0 : $comingAndGoing->strangeShare];
        $forms = [];
        foreach ($conductors as $conductor) {
            foreach ($strengths as $strength) {
                $forms[] = [new Fault($entry->kind, $place, $conductor, $strength, $entry->kind->nature), (1.0 - array_sum($shares)) / count($conductors) / count($strengths)];
            }
            foreach (['usual' => $usual, 'strange' => $strange] as $which => $provocations) {
                foreach ($provocations as $provocation) {
                    foreach ($provoked as $strength) {
                        $forms[] = [new Fault($entry->kind, $place, $conductor, $strength, $provocation), $shares[$which] / count($conductors) / count($provocations) / count($provoked)];
                    }
                }
            }
        }

        return $forms;
    }

    /** @return list<string> */
    public function conductors(CatalogueEntry $entry, string $place): array
    {
        return $entry->kind->onConductor && $place !== Vehicle::WHOLE ? array_map(static fn ($one): string => $one->id, $this->vehicle->channel($place)->conductors) : [''];
    }

    /**
     * @param  array<array-key, Neighbour>  $near
     * @return non-empty-list<float>
     */
    private static function strengths(CatalogueEntry $entry, array $near): array
    {
        $between = array_filter(array_map(static fn (Neighbour $one): ?float => $one->strengthOf($entry), $near), is_float(...));

        return array_values(array_unique([...$entry->strengths, ...$between], SORT_NUMERIC));
    }

    /**
     * What comes and goes does so in its usual strengths, or like its neighbours.
     *
     * @param  array<array-key, Neighbour>  $near
     * @return non-empty-list<float>
     */
    private function provokedStrengths(CatalogueEntry $entry, array $near): array
    {
        $usual = $this->priors->comingAndGoing->strengths($entry);
        $provoked = array_filter($near, static fn (Neighbour $one): bool => $one->comesAndGoes());

        return array_values(array_unique([...$usual, ...array_map(static fn (Neighbour $one): float => $one->strengthOf($entry) ?? $usual[0], $provoked)], SORT_NUMERIC));
    }

    /**
     * What provokes its neighbours, and is neither its nature nor usual for its kind.
     *
     * @param  array<array-key, Neighbour>  $near
     * @param  list<Provocation>  $usual
     * @return list<Provocation>
     */
    private static function strange(CatalogueEntry $entry, array $near, array $usual): array
    {
        $provocations = $entry->kind->scope->wholeCar ? [] : array_filter(array_map(static fn (Neighbour $one): ?Provocation => $one->strangeProvocation(), $near));

        return array_values(array_filter(
            array_unique($provocations, SORT_REGULAR),
            static fn (Provocation $one): bool => $one !== $entry->kind->nature && ! in_array($one, $usual, true),
        ));
    }
}
