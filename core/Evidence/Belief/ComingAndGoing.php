<?php

declare(strict_types=1);

namespace Lernfall\Evidence\Belief;

use Lernfall\Fault\CatalogueEntry;
use Lernfall\Vehicle\Provocation;

/** How common forms of a fault are that come and go, what provokes them, and how strong they are while they last. */
final readonly class ComingAndGoing
{
    /**
     * @param  float  $share  share of a kind's prior that falls to such forms
     * @param  float  $strangeShare  what falls to forms provoked by something that is not usual for their kind, where they count at all
     * @param  array<string, list<Provocation>>  $provocations  what provokes them, by kind
     * @param  array<string, non-empty-list<float>>  $strengths  by kind, in its unit; any other comes in its strongest one
     */
    public function __construct(public float $share, public float $strangeShare, private array $provocations, private array $strengths)
    {
    }

    /** @return list<Provocation> what provokes a kind; empty where it does not come and go */
    public function provoking(string $kind): array
    {
        return $this->provocations[$kind] ?? [];
    }

    /** @return non-empty-list<float> */
    public function strengths(CatalogueEntry $entry): array
    {
        return $this->strengths[$entry->kind->id] ?? [$entry->strengths[count($entry->strengths) - 1]];
    }
}
