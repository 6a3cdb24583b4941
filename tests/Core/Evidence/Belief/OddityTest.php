<?php

declare(strict_types=1);

namespace Tests\Core\Evidence\Belief;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Contract\NumberFeature;
use Lernfall\Bay\Contract\Observation;
use Lernfall\Bay\Contract\ObservedNumber;
use Lernfall\Bay\Contract\Prediction;
use Lernfall\Evidence\Belief\DeviationEstimate;
use Lernfall\Evidence\Belief\Hypotheses;
use Lernfall\Evidence\Belief\Hypothesis;
use Lernfall\Evidence\Belief\Likelihood;
use Lernfall\Evidence\Belief\Posterior;
use Lernfall\Evidence\Belief\Strengths;
use PHPUnit\Framework\TestCase;
use Tests\Support\Workbench;

/** A decisive reading is not drowned by all the faults that are silent there; worked by hand. */
final class OddityTest extends TestCase
{
    /**
     * Pin to body at the lock: 0.8 Ω. A chafed wire (prior 0.1) says so, one strength of many: density 1/(0.8·√2π) = 0.4987 over
     * the logarithm. All others (prior 99.9) say open. A meter errs with 0.0004, of which 5 % are taken, over a span of 20:
     * 0.05·0.0004/20 = 1e-6. So 0.1·0.4987 = 0.04987 against 99.9·1e-6 = 0.0000999: 99.8 %.
     * With one floor of 0.005 for whatever is observed it was 99.9·0.005/20 = 0.025: 66.6 %.
     */
    public function test_a_certain_chafe_is_certain(): void
    {
        $reads = static fn (NumberFeature $ohms): Prediction => Prediction::of('reading', ['reading' => $ohms]);
        $shown = new Observation('reading', ['reading' => ObservedNumber::shown('ohms', 0.8, 0.1)], null, []);
        $likelihood = new Likelihood(Workbench::evidence()->weighing);
        $chafed = $likelihood->of($reads(NumberFeature::reading('ohms', 0.8, 0.1, 0.01)), $shown, DeviationEstimate::blank(), Strengths::beside([]))[0];
        $silent = $likelihood->of($reads(NumberFeature::overload('ohms')), $shown, DeviationEstimate::blank())[0];
        $chances = Posterior::of($this->hypotheses(), [$silent, $chafed])->chances;

        self::assertEqualsWithDelta(0.4987, exp($chafed), 0.0001);
        self::assertEqualsWithDelta(1e-6, exp($silent), 1e-9);
        self::assertEqualsWithDelta(0.04987 / (0.04987 + 0.0000999), $chances[1], 1e-4);
    }

    /** An eye errs more often than a meter, and what a module stores less than an eye sees. */
    public function test_each_kind_of_observation_has_its_own_floor(): void
    {
        $oddity = Workbench::evidence()->weighing->scatter->oddity;

        self::assertGreaterThan($oddity->of('codes'), $oddity->of('sight'));
        self::assertGreaterThan($oddity->of('reading'), $oddity->of('codes'));
        self::assertEqualsWithDelta(0.02 * $oddity->of('codes'), $oddity->ofStep('codes'), 1e-12);
    }

    private function hypotheses(): Hypotheses
    {
        $car = Car::hypothesis(Workbench::vehicle(), Workbench::vehicle());

        return Hypotheses::listed(new Hypothesis('nothing', [], 99.9, false, $car), new Hypothesis('chafed', [], 0.1, true, $car));
    }
}
