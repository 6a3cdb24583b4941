<?php

declare(strict_types=1);

namespace Tests\Core\Evidence\Belief;

use Lernfall\Bay\Car\Car;
use Lernfall\Evidence\Advice\RepairCost;
use Lernfall\Evidence\Advice\RepairPosterior;
use Lernfall\Evidence\Belief\Hypotheses;
use Lernfall\Evidence\Belief\Hypothesis;
use Lernfall\Evidence\Belief\Posterior;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Support\Workbench;

/** Against rules outside the product: Bayes' rule, Shannon's entropy, and a decision table, each worked by hand. */
final class BayesTest extends TestCase
{
    /**
     * Three faults with priors 5 : 3 : 2. Test one shows its result with 0.8, 0.1 and 0.5, test two with 0.3, 0.9 and 0.6.
     * Products 5·0.8·0.3 = 1.2, 3·0.1·0.9 = 0.27, 2·0.5·0.6 = 0.6, together 2.07.
     */
    public function test_the_posterior_of_three_faults_after_two_tests(): void
    {
        $posterior = Posterior::of($this->hypotheses(), [log(0.8 * 0.3), log(0.1 * 0.9), log(0.5 * 0.6)]);

        self::assertEqualsWithDelta([1.2 / 2.07, 0.27 / 2.07, 0.6 / 2.07], $posterior->chances, 1e-12);
        self::assertSame([0, 2], $posterior->covering(0.8));
    }

    /** The same, were the first fault three times more common: 3.6, 0.27, 0.6, together 4.47. */
    public function test_another_prior_shifts_the_same_evidence(): void
    {
        $posterior = Posterior::of($this->hypotheses(), [log(0.24), log(0.09), log(0.3)])->ifCommoner('nothing', 3.0);

        self::assertEqualsWithDelta(3.6 / 4.47, $posterior->chances[0], 1e-12);
    }

    /** Shannon 1948: halves and quarters. @param  list<float>  $chances */
    #[TestWith([[0.5, 0.25, 0.25], 1.5])]
    #[TestWith([[1.0], 0.0])]
    #[TestWith([[0.25, 0.25, 0.25, 0.25], 2.0])]
    #[TestWith([[0.125, 0.875], 0.5435644431995964])]
    public function test_uncertainty_is_counted_in_bits(array $chances, float $bits): void
    {
        self::assertEqualsWithDelta($bits, RepairPosterior::entropy($chances), 1e-12);
    }

    /**
     * Sensor 60 %, loom 40 %; prices 30 and 100, each proof 10, a needless repair 50.
     * Sensor first: 40 + 0.4·(50 + 110) = 104. Loom first: 110 + 0.6·(50 + 40) = 164.
     */
    public function test_the_cost_of_repairing_now_is_a_decision_table(): void
    {
        $cost = new RepairCost(['sensor' => 30.0, 'loom' => 100.0], 10.0, 50.0);
        $chances = ['sensor' => 0.6, 'loom' => 0.4];

        self::assertEqualsWithDelta(104.0, $cost->expected($chances, 'sensor'), 1e-9);
        self::assertEqualsWithDelta(164.0, $cost->expected($chances, 'loom'), 1e-9);
        self::assertEqualsWithDelta(104.0, $cost->expected($chances), 1e-9, 'the better order');
        self::assertSame('sensor', $cost->first($chances));
    }

    /** At even odds the cheap relay goes first: 26 + 0.5·(50 + 490) = 296 against 490 + 0.5·(50 + 26) = 528. */
    public function test_of_two_that_cannot_be_told_apart_the_cheaper_goes_first(): void
    {
        self::assertSame('relay', (new RepairCost(['unit' => 480.0, 'relay' => 16.0], 10.0, 50.0))->first(['unit' => 0.5, 'relay' => 0.5]));
    }

    /**
     * A car left alone costs its proof, and where its fault is still in it a second visit: 10 + 0.2·(50 + 110) = 42.
     * Loom first: 110 + 0.8·(50 + 10) = 158.
     */
    public function test_a_car_handed_back_with_its_fault_costs_like_a_needless_repair(): void
    {
        $cost = new RepairCost(['none' => 0.0, 'loom' => 100.0], 10.0, 50.0);
        $chances = ['none' => 0.8, 'loom' => 0.2];

        self::assertEqualsWithDelta(42.0, $cost->expected($chances, 'none'), 1e-9);
        self::assertEqualsWithDelta(158.0, $cost->expected($chances, 'loom'), 1e-9);
    }

    private function hypotheses(): Hypotheses
    {
        $car = Car::hypothesis(Workbench::vehicle(), Workbench::vehicle());
        $fault = static fn (string $kind): array => [Workbench::catalogue()->fault($car->vehicle, $kind, 'FR')];

        return Hypotheses::listed(
            new Hypothesis('one', [], 5.0, false, $car),
            new Hypothesis('two', $fault('coil-open'), 3.0, false, $car),
            new Hypothesis('three', $fault('sensor-other-direction'), 2.0, false, $car),
        );
    }
}
