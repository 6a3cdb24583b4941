<?php

declare(strict_types=1);

namespace Tests\Core\Evidence\Belief;

use Lernfall\Evidence\Belief\CaseKnowledge;
use Lernfall\Evidence\Belief\Hypotheses;
use Lernfall\Evidence\Belief\Hypothesis;
use Lernfall\Fault\Fault;
use Lernfall\Vehicle\Provocation;
use PHPUnit\Framework\TestCase;
use Tests\Support\Workbench;

/** When marks are made, what is wrong is among what could be, with nothing that others have not. */
final class AmongTest extends TestCase
{
    public function test_the_truth_is_among_its_neighbours_at_no_more_than_its_share(): void
    {
        $fault = $this->fault('coil-shorted', 0.45);
        $usual = $this->usual();
        $among = $usual->among([$fault]);
        $known = $this->byName($usual);

        self::assertContains($fault->key(), $this->keys($among));
        self::assertNotContains($fault->key(), $this->keys($usual));
        foreach ($this->byName($among) as $name => $prior) {
            self::assertEqualsWithDelta($known[$name] ?? 0.0, $prior, 1e-9, "$name is as common as before");
        }
        $corroded = array_filter($this->keys($among), static fn (string $key): bool => str_starts_with($key, 'plug-corroded:FR:1:') && str_ends_with($key, ':always') && ! str_contains($key, '+'));
        self::assertCount(4, $corroded, 'others lie between their strengths as well');
        self::assertCount(3, array_filter($this->keys($among), static fn (string $key): bool => str_starts_with($key, 'plug-corroded:RL:1:') && str_ends_with($key, ':always') && ! str_contains($key, '+')), 'elsewhere all is as before');
    }

    public function test_what_provokes_it_strangely_may_provoke_others_there(): void
    {
        $among = $this->usual()->among([$this->fault('gap-large', 0.0009, Provocation::Wet)]);
        $wet = array_filter($among->all, static fn (Hypothesis $one): bool => count($one->faults) === 1 && $one->faults[0]->channel === 'FR' && $one->faults[0]->provokedBy === Provocation::Wet);

        self::assertGreaterThan(20, count(array_unique(array_map(static fn (Hypothesis $one): string => $one->faults[0]->kind->id, $wet))));
    }

    public function test_a_fault_that_is_listed_changes_nothing(): void
    {
        $usual = $this->usual();
        $listed = $this->fault('coil-shorted', 0.3);

        self::assertEqualsCanonicalizing($this->keys($usual), $this->keys($usual->among([$listed])));
    }

    private function usual(): Hypotheses
    {
        return Workbench::hypotheses()->of(Workbench::vehicle(), new CaseKnowledge);
    }

    private function fault(string $kind, float $strength, ?Provocation $provocation = null): Fault
    {
        return Workbench::catalogue()->fault(Workbench::vehicle(), $kind, 'FR', '', $strength, $provocation);
    }

    /** @return list<string> */
    private function keys(Hypotheses $hypotheses): array
    {
        return array_map(static fn (Hypothesis $one): string => $one->key, $hypotheses->all);
    }

    /** @return array<string, float> prior by kind and place */
    private function byName(Hypotheses $hypotheses): array
    {
        $sums = [];
        foreach ($hypotheses->all as $one) {
            $sums[$one->name()] = ($sums[$one->name()] ?? 0.0) + $one->prior;
        }

        return $sums;
    }
}
