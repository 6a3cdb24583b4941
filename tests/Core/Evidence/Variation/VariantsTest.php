<?php

declare(strict_types=1);

namespace Tests\Core\Evidence\Variation;

use Lernfall\Chance\Draw;
use Lernfall\Evidence\Belief\CaseKnowledge;
use Lernfall\Evidence\Solving\Par;
use Lernfall\Evidence\Solving\Solver;
use Lernfall\Evidence\Variation\Candidates;
use Lernfall\Evidence\Variation\VariantTrial;
use Lernfall\Evidence\Variation\Variation;
use Lernfall\Evidence\Variation\VariationLimits;
use Lernfall\Format\VariationReader;
use PHPUnit\Framework\TestCase;
use Tests\Support\Workbench;

/** Neighbours get different cars that are worth the same. */
final class VariantsTest extends TestCase
{
    private const ENOUGH = 10;

    /** As `./lernfall bench variants` does for 200 of each of five cases. */
    public function test_ten_variants_can_be_solved_and_are_worth_as_much(): void
    {
        $case = Workbench::case([['plug-corroded', 'RL', '1', 31000.0]]);
        $limits = self::limits();
        $policy = Workbench::policy();
        $trial = new VariantTrial($case, new CaseKnowledge, new Solver(Workbench::evidence(), $policy->needlessRepair, $policy->demandsReading), $limits, Workbench::simulator());
        $own = $trial->own();
        self::assertNotNull($own);
        $found = [];
        foreach (self::candidates([['plug-corroded', 'RL', '1', 31000.0]])->of(Variation::SameKind) as $faults) {
            self::assertNotEmpty($faults);
            [$objection, $par] = $trial->of(Variation::SameKind, $faults, $own);
            if ($objection === null && count($found) < self::ENOUGH) {
                self::assertNotNull($par);
                self::assertEqualsWithDelta($own->minutes, $par->minutes, 0.1 * $own->minutes);
                self::assertSame($own->tests, $par->tests);
                $found[] = $faults[0]->channel;
            }
            if (count($found) === self::ENOUGH) {
                break;
            }
        }

        self::assertCount(self::ENOUGH, $found);
        self::assertSame(['FL', 'FR', 'RL', 'RR'], array_values(array_unique(self::sorted($found))));
    }

    public function test_a_kind_moves_to_every_corner_that_can_have_it_and_never_stands_as_composed(): void
    {
        $faults = array_map(static fn (array $one): string => $one[0]->key(), self::candidates([['coil-open', 'FR']])->of(Variation::SameKind));

        self::assertEqualsCanonicalizing(['coil-open:FL::0:always', 'coil-open:RR::0:always', 'coil-open:RL::0:always'], $faults);
    }

    public function test_where_words_name_the_place_it_stays_and_only_wire_and_strength_change(): void
    {
        $loom = self::candidates([['loom-grounded', 'RL', '1', 650.0]])->of(Variation::SameKind, placeFixed: true);

        self::assertSame(['RL'], array_values(array_unique(array_map(static fn (array $one): string => $one[0]->channel, $loom))));
        self::assertEqualsCanonicalizing(['1', '2'], array_values(array_unique(array_map(static fn (array $one): string => $one[0]->conductor, $loom))));
        foreach ($loom as [$fault]) {
            self::assertGreaterThanOrEqual(650.0 / 1.51, $fault->strength);
            self::assertLessThanOrEqual(650.0 * 1.51, $fault->strength);
        }
        self::assertSame([], self::candidates([['coil-open', 'FR']])->of(Variation::SameKind, placeFixed: true));
    }

    /** Two faults keep their places to each other. */
    public function test_several_faults_move_together(): void
    {
        foreach (self::candidates([['coil-open', 'FR'], ['plug-pin-back', 'RL', '1']])->of(Variation::SameKind) as $faults) {
            self::assertContains([$faults[0]->channel, $faults[1]->channel], [['FR', 'RL'], ['FL', 'RR'], ['RR', 'FL'], ['RL', 'FR']]);
        }
    }

    public function test_other_faults_are_of_other_kinds_and_the_same_for_the_same_seed(): void
    {
        $keys = static fn (): array => array_map(static fn (array $one): string => $one[0]->key(), self::candidates([['coil-open', 'FR']])->of(Variation::OtherFaults));

        self::assertSame($keys(), $keys());
        self::assertGreaterThan(20, count($keys()));
        self::assertSame([], array_filter($keys(), static fn (string $key): bool => str_starts_with($key, 'coil-open:')));
        self::assertSame([], self::candidates([['coil-open', 'FR']])->of(Variation::None));
        self::assertSame([], self::candidates([])->of(Variation::OtherFaults));
    }

    public function test_what_speaks_against_a_variant(): void
    {
        $limits = self::limits();
        $own = new Par(60.0, 2);

        self::assertNull($limits->objection(Variation::SameKind, $own, new Par(65.9, 2)));
        self::assertSame('par', $limits->objection(Variation::SameKind, $own, new Par(66.1, 2)));
        self::assertNull($limits->objection(Variation::OtherFaults, $own, new Par(66.1, 5)));
        self::assertSame('tests', $limits->objection(Variation::SameKind, $own, new Par(60.0, 3)));
        self::assertSame('unsolvable', $limits->objection(Variation::OtherFaults, $own, null));
    }

    /** @param  list<array{0: string, 1: string, 2?: string, 3?: float}>  $faults */
    private static function candidates(array $faults): Candidates
    {
        $case = Workbench::case($faults);

        return new Candidates($case->sound, $case->faults, Workbench::catalogue(), self::limits(), new Draw('neighbours'));
    }

    private static function limits(): VariationLimits
    {
        return VariationReader::read(Workbench::json('core/Evidence/Variation/limits.json'));
    }

    /**
     * @param  list<string>  $places
     * @return list<string>
     */
    private static function sorted(array $places): array
    {
        sort($places);

        return $places;
    }
}
