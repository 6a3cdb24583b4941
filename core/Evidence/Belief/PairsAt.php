<?php

declare(strict_types=1);

namespace Lernfall\Evidence\Belief;

use Lernfall\Bay\Job\FaultCase;
use Lernfall\Fault\Catalogue;
use Lernfall\Fault\CatalogueEntry;
use Lernfall\Fault\Fault;
use Lernfall\Vehicle\Vehicle;

/**
 * Pairs for a case with two faults or more: the commonest kinds at the places where it has them, each with each. That two
 * places are at fault is what the codes tell anyhow; which faults they are has to be found out.
 */
final readonly class PairsAt
{
    /** @return array<string, array{list<Fault>, float}> pairs with their priors, by key */
    public static function of(FaultCase $case, Catalogue $catalogue, Weighing $weighing): array
    {
        $pairs = [];
        foreach ($case->faults as $index => $one) {
            foreach (array_slice($case->faults, $index + 1) as $other) {
                foreach (self::forms($case, $one, $catalogue, $weighing) as [$first, $firstPrior]) {
                    foreach (self::forms($case, $other, $catalogue, $weighing) as [$second, $secondPrior]) {
                        if ($first->key() !== $second->key()) {
                            $pairs[Hypotheses::pairKey([$first, $second])] = [[$first, $second], $firstPrior * $secondPrior];
                        }
                    }
                }
            }
        }
        $sum = array_sum(array_map(static fn (array $pair): float => $pair[1], $pairs));

        return array_map(static fn (array $pair): array => [$pair[0], $weighing->priors->pairsAtPlacesPrior * $pair[1] / $sum], $pairs);
    }

    /** @return list<array{Fault, float}> the commonest kinds where this fault sits, in their strongest form, and this fault's own kind */
    private static function forms(FaultCase $case, Fault $fault, Catalogue $catalogue, Weighing $weighing): array
    {
        $here = array_filter($catalogue->entries, static fn (CatalogueEntry $entry): bool => in_array($fault->channel, $entry->kind->places($case->sound), true));
        uasort($here, static fn (CatalogueEntry $one, CatalogueEntry $other): int => $other->prior <=> $one->prior);
        $forms = [];
        foreach (array_slice($here, 0, $weighing->priors->kindsPerPlace, true) + [$fault->kind->id => $catalogue->entry($fault->kind->id)] as $entry) {
            $conductors = $entry->kind->onConductor && $fault->channel !== Vehicle::WHOLE ? array_map(static fn ($one): string => $one->id, $case->sound->channel($fault->channel)->conductors) : [''];
            foreach ($conductors as $conductor) {
                $provokedBy = $entry->kind->id === $fault->kind->id ? $fault->provokedBy : $entry->kind->nature;
                $forms[] = [new Fault($entry->kind, $fault->channel, $conductor, $entry->strengths[count($entry->strengths) - 1], $provokedBy), $entry->prior / count($conductors)];
            }
        }

        return $forms;
    }
}
