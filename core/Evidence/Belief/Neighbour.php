<?php

declare(strict_types=1);

namespace Lernfall\Evidence\Belief;

use Lernfall\Fault\CatalogueEntry;
use Lernfall\Fault\Fault;
use Lernfall\Vehicle\Provocation;

/**
 * Where a fault lies between the mildest and the strongest its kind usually is, and what provokes it: whatever else could be
 * wrong at that place can lie just there as well.
 */
final readonly class Neighbour
{
    /**
     * @param  ?float  $position  0 for the mildest usual strength, 1 for the strongest, by its logarithm; null where it is one of the listed
     * @param  bool  $isStrange  what provokes it is not usual for its kind
     */
    private function __construct(private Fault $fault, private ?float $position, private bool $isStrange)
    {
    }

    /** @param  list<Provocation>  $usual  what provokes its kind */
    public static function of(Fault $fault, CatalogueEntry $entry, array $usual): self
    {
        [$mild, $strong] = [$entry->strengths[0], $entry->strengths[count($entry->strengths) - 1]];

        return new self(
            $fault,
            $mild === $strong || $fault->strength <= 0.0 || in_array($fault->strength, $entry->strengths, true) ? null : log($fault->strength / $mild) / log($strong / $mild),
            ! in_array($fault->provokedBy, [$fault->kind->nature, ...$usual], true),
        );
    }

    public function place(): string
    {
        return $this->fault->channel;
    }

    /** What provokes it, where that is not usual for its kind: then others there may be provoked so as well. */
    public function strangeProvocation(): ?Provocation
    {
        return $this->isStrange ? $this->fault->provokedBy : null;
    }

    /** Whether it comes and goes as its kind does not by nature. */
    public function comesAndGoes(): bool
    {
        return $this->fault->provokedBy !== null && $this->fault->provokedBy !== $this->fault->kind->nature;
    }

    /** The strength another kind has there; null where it has but one. */
    public function strengthOf(CatalogueEntry $entry): ?float
    {
        if ($entry->kind->id === $this->fault->kind->id) {
            return $this->fault->strength;
        }
        [$mild, $strong] = [$entry->strengths[0], $entry->strengths[count($entry->strengths) - 1]];
        if ($this->position === null || $mild === $strong) {
            return null;
        }
        $strength = max($entry->least, min($entry->greatest, $mild * ($strong / $mild) ** $this->position));

        return $entry->kind->unit === 'teeth' ? round($strength) : $strength;
    }
}
