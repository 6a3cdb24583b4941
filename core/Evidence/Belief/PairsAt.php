<?php

declare(strict_types=1);

namespace Lernfall\Evidence\Belief;

use Lernfall\Fault\Catalogue;
use Lernfall\Fault\CatalogueEntry;
use Lernfall\Fault\Fault;
use Lernfall\Vehicle\Vehicle;

/**
 * Faults that are there together, at two places or more: the commonest kinds of each place, each with each. That two corners
 * are at fault is what their codes tell; which faults they are has to be found out.
 */
final readonly class PairsAt
{
    public function __construct(private Vehicle $vehicle, private Catalogue $catalogue, private Priors $priors)
    {
    }

    /**
     * @param  list<string>  $places
     * @return array<string, array{list<Fault>, float}> pairs with their priors, by key
     */
    public function of(array $places): array
    {
        return $this->combined(array_map(fn (string $place): array => $this->forms($place), $places));
    }

    /**
     * Where a case has several faults, among others like them.
     *
     * @param  list<Fault>  $faults
     * @return array<string, array{list<Fault>, float}>
     */
    public function like(array $faults): array
    {
        return $this->combined(array_map(fn (Fault $fault): array => $this->forms($fault->channel, $fault), $faults), count($faults) > 2 ? $faults : []);
    }

    /**
     * @param  list<list<array{Fault, float}>>  $forms  by place
     * @param  list<Fault>  $together  more than two, all of which are there but one, which is exchanged for another
     * @return array<string, array{list<Fault>, float}>
     */
    private function combined(array $forms, array $together = []): array
    {
        $sets = [];
        foreach ($forms as $index => $here) {
            foreach (array_slice($forms, $index + 1) as $there) {
                foreach ($here as [$first, $firstPrior]) {
                    foreach ($there as [$second, $secondPrior]) {
                        $sets[Hypotheses::pairKey([$first, $second])] = $first->key() === $second->key() ? null : [[$first, $second], $firstPrior * $secondPrior];
                    }
                }
            }
            foreach ($together === [] ? [] : $here as [$other, $prior]) {
                $set = [...array_slice($together, 0, $index), $other, ...array_slice($together, $index + 1)];
                $sets[Hypotheses::pairKey($set)] = [$set, $prior];
            }
        }
        $sets = array_filter($sets);
        $sum = array_sum(array_map(static fn (array $set): float => $set[1], $sets));

        return array_map(fn (array $set): array => [$set[0], $this->priors->pairsAtPlacesPrior * $set[1] / $sum], $sets);
    }

    /** @return list<array{Fault, float}> the commonest kinds there in their strongest form, or as strong as this fault, and its own kind */
    private function forms(string $place, ?Fault $like = null): array
    {
        $here = array_filter($this->catalogue->entries, fn (CatalogueEntry $entry): bool => in_array($place, $entry->kind->places($this->vehicle), true));
        uasort($here, static fn (CatalogueEntry $one, CatalogueEntry $other): int => $other->prior <=> $one->prior);
        $kinds = array_slice($here, 0, $this->priors->kindsPerPlace, true) + ($like === null ? [] : [$like->kind->id => $this->catalogue->entry($like->kind->id)]);
        $near = $like === null ? null : Neighbour::of($like, $this->catalogue->entry($like->kind->id), $this->priors->comingAndGoing->provoking($like->kind->id));
        $forms = [];
        foreach ($kinds as $entry) {
            $conductors = (new FaultForms($this->vehicle, $this->priors))->conductors($entry, $place);
            $strength = $near?->strengthOf($entry) ?? $entry->strengths[count($entry->strengths) - 1];
            $provocations = array_unique([$entry->kind->nature, ...($like === null || $entry->kind->scope->wholeCar ? [] : [$like->provokedBy])], SORT_REGULAR);
            foreach ($conductors as $conductor) {
                foreach ($provocations as $provocation) {
                    $forms[] = [new Fault($entry->kind, $place, $conductor, $strength, $provocation), $entry->prior / count($conductors) / count($provocations)];
                }
            }
        }

        return $forms;
    }
}
