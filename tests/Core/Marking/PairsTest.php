<?php

declare(strict_types=1);

namespace Tests\Core\Marking;

use Lernfall\Bay\Car\Incoming;
use Lernfall\Bay\Contract\Action;
use Lernfall\Bay\Job\FaultCase;
use Lernfall\Evidence\Belief\CaseKnowledge;
use Lernfall\Fault\Fault;
use Lernfall\Fault\Symptom;
use Lernfall\Marking\MarkSheet;
use Lernfall\Vehicle\Provocation;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Lapse;
use Tests\Support\Played;
use Tests\Support\Shorthand;
use Tests\Support\SoundWork;
use Tests\Support\Sweep;
use Tests\Support\Workbench;

/**
 * The same case worked soundly, and with one lapse. A lapse costs at least half of the criterion that names it; what else it
 * takes with it stands beside it, and nothing more is lost.
 */
final class PairsTest extends TestCase
{
    private const SEED = 'sound';

    private const IN_THE_USUAL_RUN = 6;

    private const WORKED_IN_THE_USUAL_RUN = 2;

    private const MOVES_AT_MOST = 10.0;

    /** So many of the likeliest others are doubted. */
    private const RIVALS = 4;

    /** @return iterable<string, array{array<string, mixed>}> */
    public static function pairs(): iterable
    {
        $short = array_filter(Workbench::json('tests/Core/Marking/pairs.json'), static fn (array $pair): bool => Sweep::isThorough() || ! ($pair['long'] ?? false));
        foreach (Sweep::of($short, self::IN_THE_USUAL_RUN) as $pair) {
            yield "$pair[car] ".implode(' ', $pair['faults'])." $pair[policy]: $pair[lapse]" => [$pair];
        }
    }

    /** @param  array<string, mixed>  $pair */
    #[DataProvider('pairs')]
    public function test_a_lapse_costs_where_it_is_named(array $pair): void
    {
        $case = $this->case($pair['car'], $pair['faults'], $pair['madeElsewhere'] ?? []);
        $knowledge = $this->knowledge($case, $pair['symptoms'] ?? []);
        $sound = $this->sound($case, $pair['policy'], $knowledge);
        $marked = $this->marks($case, $sound, $pair['policy'], $knowledge);
        self::assertGreaterThanOrEqual(95.0, $marked->points(), 'the sound way');

        $corner = explode(':', $pair['faults'][0] ?? ':FR')[1];
        $unsound = $this->marks($case, Lapse::in($sound, $pair['lapse'], $corner), $pair['policy'], $knowledge);
        $this->assertCosts($marked, $unsound, $pair);
    }

    /** @param  array<string, mixed>  $pair */
    private function assertCosts(MarkSheet $sound, MarkSheet $unsound, array $pair): void
    {
        $criterion = $pair['criterion'];
        self::assertLessThanOrEqual(0.5 * $sound->mark($criterion)?->points, $unsound->mark($criterion)?->points, $criterion);
        foreach ($sound->marks as $mark) {
            if (! in_array($mark->criterion, [$criterion, ...$pair['besides'] ?? []], true)) {
                self::assertEqualsWithDelta($mark->points, $unsound->mark($mark->criterion)?->points, 0.05, $mark->criterion);
            }
        }
    }

    /** @return iterable<string, array{array<string, mixed>}> */
    public static function worked(): iterable
    {
        foreach (Sweep::of(Workbench::json('tests/Core/Marking/worked.json'), self::WORKED_IN_THE_USUAL_RUN) as $pair) {
            yield "$pair[car] $pair[policy]: $pair[lapse]" => [$pair];
        }
    }

    /**
     * Two jobs in a few words a line, which differ in the lines that begin with + or -.
     *
     * @param  array<string, mixed>  $pair
     */
    #[DataProvider('worked')]
    public function test_a_lapse_costs_where_it_is_named_on_another_way_through(array $pair): void
    {
        $case = $this->case($pair['car'], $pair['faults'], []);
        [$sound, $unsound] = array_map(
            fn (string $which): MarkSheet => $this->marks($case, Shorthand::play(Played::on($case, self::SEED), Shorthand::of($pair['lines'], $which))->actions(), $pair['policy'], new CaseKnowledge(lampTold: true)),
            ['+', '-'],
        );

        self::assertGreaterThanOrEqual(95.0, $sound->points(), 'the sound way');
        $this->assertCosts($sound, $unsound, $pair);
    }

    /** @return iterable<string, array{array<string, mixed>}> */
    public static function doubted(): iterable
    {
        $pairs = Workbench::json('tests/Core/Marking/pairs.json');
        foreach (Sweep::isThorough() ? $pairs : [$pairs[0]] as $pair) {
            yield "$pair[car] ".implode(' ', $pair['faults'])." $pair[policy]: $pair[lapse]" => [$pair];
        }
    }

    /**
     * Nobody knows exactly how common a fault is: were one of the kinds in question three times more or less common, no mark would move by more than ten.
     *
     * @param  array<string, mixed>  $pair
     */
    #[DataProvider('doubted')]
    public function test_no_mark_hangs_on_how_common_one_kind_is(array $pair): void
    {
        $case = $this->case($pair['car'], $pair['faults'], $pair['madeElsewhere'] ?? []);
        $knowledge = $this->knowledge($case, $pair['symptoms'] ?? []);
        $sound = $this->sound($case, $pair['policy'], $knowledge);
        foreach ([$sound, Lapse::in($sound, $pair['lapse'], explode(':', $pair['faults'][0] ?? ':FR')[1])] as $actions) {
            $marked = $this->marks($case, $actions, $pair['policy'], $knowledge);
            foreach ($this->kindsInQuestion($case, $marked) as $kind) {
                foreach ([3.0, 1.0 / 3.0] as $factor) {
                    $doubted = new CaseKnowledge([$kind => $factor], lampTold: $knowledge->lampTold, symptoms: $knowledge->symptoms);
                    self::assertEqualsWithDelta($marked->points(), $this->marks($case, $actions, $pair['policy'], $doubted)->points(), self::MOVES_AT_MOST, "$kind by $factor");
                }
            }
        }
    }

    /** @return list<string> what is wrong, and what was open by the card when something was decided */
    private function kindsInQuestion(FaultCase $case, MarkSheet $sheet): array
    {
        $kinds = $case->faults === [] ? ['nothing'] : array_map(static fn (Fault $fault): string => $fault->kind->id, $case->faults);
        foreach ($sheet->reviews as $review) {
            foreach (array_slice(array_keys($review->prospects->rivals), 0, self::RIVALS) as $rival) {
                $kinds[] = explode('@', explode('+', $rival)[0])[0];
            }
        }

        return array_values(array_unique($kinds));
    }

    public function test_they_are_thirty_on_all_cars_by_all_policies(): void
    {
        $pairs = Workbench::json('tests/Core/Marking/pairs.json');

        self::assertGreaterThanOrEqual(30, count($pairs));
        self::assertCount(5, array_unique(array_column($pairs, 'car')));
        self::assertCount(3, array_unique(array_column($pairs, 'policy')));
        self::assertGreaterThanOrEqual(15, count(array_unique(array_map(static fn (array $pair): string => "$pair[car] ".implode(' ', $pair['faults']), $pairs))));
        self::assertGreaterThanOrEqual(2, min(array_count_values(array_column($pairs, 'lapse'))));
    }

    /** @return list<Action> */
    private function sound(FaultCase $case, string $policy, CaseKnowledge $knowledge): array
    {
        /** @var array<string, list<Action>> $known */
        static $known = [];

        return $known["$case->jobTitle $policy"] ??= SoundWork::on($case, self::SEED, Workbench::policy($policy), $knowledge);
    }

    /**
     * A lamp is told of only where there is something wrong.
     *
     * @param  list<string>  $symptoms
     */
    private function knowledge(FaultCase $case, array $symptoms): CaseKnowledge
    {
        return new CaseKnowledge(lampTold: $case->faults !== [], symptoms: array_map(static fn (string $one): Symptom => Workbench::catalogue()->symptoms[$one], $symptoms));
    }

    /** @param  list<Action>  $actions */
    private function marks(FaultCase $case, array $actions, string $policy, CaseKnowledge $knowledge): MarkSheet
    {
        $played = Played::on($case, self::SEED)->do(...$actions);
        self::assertTrue(Incoming::isInOrder($played->job->car) || $case->madeElsewhere !== [], 'both end with the right repair');

        return $played->marks(Workbench::policy($policy), $knowledge);
    }

    /**
     * @param  list<string>  $faults  kind, channel, wire, strength, provocation
     * @param  list<string>  $madeElsewhere
     */
    private function case(string $car, array $faults, array $madeElsewhere): FaultCase
    {
        $case = Workbench::case(array_map(static function (string $one): array {
            [$kind, $channel, $conductor, $strength, $provocation] = [...explode(':', $one), '', '', '', ''];

            return [$kind, $channel, $conductor, $strength === '' ? null : (float) $strength, Provocation::tryFrom($provocation)];
        }, $faults), Workbench::vehicle($car));

        return new FaultCase($case->name, "$car ".implode(' ', $faults), $case->complaint, $case->sound, $case->faults, madeElsewhere: $madeElsewhere);
    }
}
