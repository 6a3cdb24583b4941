<?php

declare(strict_types=1);

namespace Tests\Core\Evidence\Belief;

use Lernfall\Bay\Contract\CategoryFeature;
use Lernfall\Bay\Contract\NumberFeature;
use Lernfall\Bay\Contract\Observation;
use Lernfall\Bay\Contract\ObservedNumber;
use Lernfall\Bay\Contract\ObservedSeries;
use Lernfall\Bay\Contract\ObservedTrace;
use Lernfall\Bay\Contract\Prediction;
use Lernfall\Bay\Contract\Refusal;
use Lernfall\Bay\Contract\SeriesFeature;
use Lernfall\Bay\Contract\TraceFeature;
use Lernfall\Evidence\Belief\Answer;
use Lernfall\Evidence\Belief\DeviationEstimate;
use Lernfall\Evidence\Belief\EarlierAnswers;
use Lernfall\Evidence\Belief\Hypothesis;
use Lernfall\Evidence\Belief\Likelihood;
use Lernfall\Evidence\Belief\Strengths;
use PHPUnit\Framework\TestCase;
use Tests\Support\Workbench;

final class LikelihoodTest extends TestCase
{
    public function test_a_fitting_number_beats_a_distant_one_and_the_distant_one_is_not_impossible(): void
    {
        $near = $this->number(1340.0, 1342.0);
        $far = $this->number(1340.0, 9000.0);

        self::assertGreaterThan($far + 5.0, $near);
        self::assertGreaterThan(log(0.05 * 0.0004 / 40.0) - 1e-9, $far, 'no single odd reading kills the truth: a share of the meter\'s chance to err, over the span of all numbers');
        self::assertEqualsWithDelta($far, $this->number(700.0, 9000.0), 1e-6, 'far is far');
    }

    public function test_a_number_between_two_strengths_fits_graded_faults_better_than_a_sound_car(): void
    {
        $sound = Prediction::of('reading', ['reading' => $this->feature(1340.0)]);
        $graded = $this->log(Prediction::of('reading', ['reading' => $this->feature(1760.0)]), 2800.0, Strengths::beside([$sound]));

        self::assertGreaterThan($this->log($sound, 2800.0) + 2.0, $graded);
        self::assertEqualsWithDelta($this->log($sound, 2800.0, Strengths::beside([$sound])), $this->log($sound, 2800.0), 1e-9, 'a graded fault that shows nothing here gains nothing');
    }

    /** Strengths that show 1700 and 1900 Ω leave no room between them for 2800; the same with 1700 and 4000 Ω does. */
    public function test_how_far_a_number_may_lie_goes_by_how_far_apart_the_strengths_show(): void
    {
        $near = $this->among(['0.3' => 1700.0, '0.4' => 1900.0, '0.5' => 2000.0], 0.3, 2800.0);
        $far = $this->among(['0.3' => 1700.0, '0.4' => 4000.0, '0.5' => 5000.0], 0.3, 2800.0);

        self::assertGreaterThan($near + 3.0, $far);
        self::assertGreaterThan($far, $this->among(['0.3' => 1700.0, '0.4' => 1900.0, '0.5' => 2000.0], 0.3, 1750.0), 'and where there is little room, what lies in it fits the better');
    }

    /** Nobody knows how strong such a fault can be. */
    public function test_beyond_the_last_strength_there_is_as_much_room_as_ever(): void
    {
        $shows = ['0.3' => 1800.0, '0.4' => 1900.0, '0.5' => 2000.0];

        self::assertGreaterThan($this->among($shows, 0.4, 4000.0) + 3.0, $this->among($shows, 0.5, 4000.0));
    }

    /**
     * How well a number fits one strength of a shorted winding.
     *
     * @param  array<array-key, float>  $shows  ohms, by strength
     */
    private function among(array $shows, float $strength, float $shown): float
    {
        $graded = [];
        foreach ($shows as $one => $ohms) {
            $fault = Workbench::case([['coil-shorted', 'FR', '', (float) $one]])->faults;
            $graded[(string) $one] = [new Hypothesis("coil-shorted $one", $fault, 1.0, true, Workbench::healthy()->car), Prediction::of('reading', ['reading' => $this->feature($ohms)])];
        }
        [$hypothesis, $prediction] = $graded[(string) $strength];

        return $this->log($prediction, $shown, Strengths::beside([Prediction::of('reading', ['reading' => $this->feature(1340.0)])], array_values($graded))->around($hypothesis));
    }

    /** No signal is no signal, however it was lost: nothing lies between. */
    public function test_a_number_that_a_fault_without_strengths_shows_too_is_taken_as_it_is(): void
    {
        $lost = Prediction::of('reading', ['reading' => $this->feature(700.0)]);
        $sound = Prediction::of('reading', ['reading' => $this->feature(1340.0)]);

        self::assertEqualsWithDelta($this->log($lost, 701.0), $this->log($lost, 701.0, Strengths::beside([$sound, $lost])), 1e-9);
        self::assertLessThan($this->log($lost, 701.0) - 1.0, $this->log($lost, 701.0, Strengths::beside([$sound])));
    }

    public function test_overload_is_as_telling_as_a_word(): void
    {
        $predicted = Prediction::of('reading', ['reading' => NumberFeature::overload('ohms')]);
        $shown = new Observation('reading', ['reading' => ObservedNumber::overload('ohms')], null, []);

        self::assertEqualsWithDelta(log(1.0 - 0.05 * 0.0004), $this->likelihood()->of($predicted, $shown, DeviationEstimate::blank())[0], 1e-9);
        self::assertLessThan(-5.0, $this->log($predicted, 1340.0));
    }

    public function test_many_words_of_one_look_count_no_more_than_the_look_allows(): void
    {
        $predicted = Prediction::of('lamps', array_fill_keys(['abs', 'traction', 'brake', 'message'], CategoryFeature::certain('on')));
        $shown = new Observation('lamps', array_fill_keys(['abs', 'traction', 'brake', 'message'], 'off'), null, []);

        self::assertEqualsWithDelta(log(0.02 * 0.05 * 0.02), $this->likelihood()->of($predicted, $shown, DeviationEstimate::blank())[0], 1e-9);
    }

    /** The part's own deviation is one draw: asked again in the same state, the same answer tells nothing new. */
    public function test_the_same_answer_in_the_same_state_tells_nothing_among_those_who_expect_it(): void
    {
        $again = fn (float $mean): float => $this->again($mean, $mean);

        self::assertEqualsWithDelta($again(1340.0), $again(700.0), 1e-9, 'whatever they took the first answer for');
    }

    /** Something was moved in between, and the answer stayed: whoever expected a change is weighed against those who did not. */
    public function test_an_answer_that_should_have_changed_and_did_not_speaks_against_the_change(): void
    {
        self::assertGreaterThan($this->again(1352.0, 900.0) + 4.0, $this->again(1352.0, 1352.0));
    }

    /**
     * A coil that cools by a degree and a half between two looks: six and seven ohms less are about the same, and a part that is
     * known to within 13 Ω must not make the one a repetition, which is told to half an ohm, and the other a new reading.
     */
    public function test_what_cools_between_two_looks_tells_nothing_among_those_who_expect_about_as_much_of_it(): void
    {
        $six = $this->again(1352.0, 1346.0, 1346.0);
        self::assertEqualsWithDelta($six, $this->again(1340.0, 1333.0, 1346.0), 0.7);
        self::assertGreaterThan($this->again(1352.0, 1352.0, 1346.0), $six, 'whoever expects nothing of it is worse off');
    }

    /**
     * Heat should have moved it by 80 Ω, at this one of many strengths, and moved it by 120 Ω. It was off by a third, and will
     * be again: while it cools back by half, nothing is learnt.
     */
    public function test_by_how_much_a_change_was_off_it_will_be_off_again(): void
    {
        $right = [[1352.0, 1352.0], [1472.0, 1472.0]];
        $off = [[1352.0, 1352.0], [1432.0, 1472.0]];
        $graded = Strengths::beside([]);

        self::assertEqualsWithDelta($this->afterwards($right, 1412.0, 1412.0, $graded), $this->afterwards($off, 1392.0, 1412.0, $graded), 0.1);
        self::assertGreaterThan($this->afterwards($off, 1432.0, 1412.0, $graded) + 2.0, $this->afterwards($off, 1392.0, 1412.0, $graded), 'whoever expects it to stay hot is worse off');
    }

    /** Shown 1352 Ω before and this now, with these predicted then and now. */
    private function again(float $then, float $now, float $shown = 1353.0): float
    {
        return $this->afterwards([[$then, 1352.0]], $now, $shown);
    }

    /** @param  list<array{float, float}>  $before  predicted and shown at earlier times */
    private function afterwards(array $before, float $now, float $shown, ?Strengths $strengths = null): float
    {
        $prediction = Prediction::of('reading', ['reading' => $this->feature($now)]);
        $answers = array_map(fn (array $one): Answer => new Answer(Prediction::of('reading', ['reading' => $this->feature($one[0])]), $this->shown($one[1])), array_reverse($before));

        return $this->likelihood()->of($prediction, $this->shown($shown), DeviationEstimate::blank(), $strengths, EarlierAnswers::before($prediction, $answers))[0];
    }

    public function test_a_second_reading_of_the_same_part_elsewhere_finds_its_deviation_where_the_first_put_it(): void
    {
        $feature = NumberFeature::reading('ohms', 1340.0, 1.0, 0.4, ['coil' => 30.0]);
        $predicted = Prediction::of('reading', ['reading' => $feature]);
        [, $estimate] = $this->likelihood()->of($predicted, $this->shown(1385.0), DeviationEstimate::blank());

        self::assertGreaterThan(
            $this->likelihood()->of($predicted, $this->shown(1340.0), $estimate)[0] + 3.0,
            $this->likelihood()->of($predicted, $this->shown(1384.0), $estimate)[0],
        );
    }

    public function test_another_kind_of_answer_is_odd(): void
    {
        self::assertEqualsWithDelta(log(0.05 * 0.002), $this->likelihood()->of(Prediction::of('no-answer'), $this->shown(1.0), DeviationEstimate::blank())[0], 1e-9);
        self::assertEqualsWithDelta(log(0.005), $this->likelihood()->of(Prediction::refused(Refusal::Unsecured), $this->shown(1.0), DeviationEstimate::blank())[0], 1e-9);
    }

    public function test_traces_are_told_by_their_frequency(): void
    {
        $wave = static fn (float $turns): array => array_map(static fn (int $sample): float => sin(2.0 * M_PI * $turns * $sample / 200), range(0, 199));
        $predicted = Prediction::of('traces', ['a.trace' => new TraceFeature($wave(8.0), 0.001, 0.05, 100, 0.5)]);
        $shown = static fn (array $volts): Observation => new Observation('traces', ['a.trace' => new ObservedTrace(array_map(static fn (float $one): int => (int) round($one / 0.05), $volts), 0.001, 0.05)], null, []);
        $log = fn (Observation $trace): float => $this->likelihood()->of($predicted, $trace, DeviationEstimate::blank())[0];

        self::assertGreaterThan($log($shown($wave(11.0))) + 4.0, $log($shown($wave(8.0))));
        self::assertLessThan(-5.0, $log($shown(array_fill(0, 200, 0.0))), 'a flat line is no signal');
    }

    public function test_recordings_are_told_by_wheels_that_seem_to_stand(): void
    {
        $predicted = Prediction::of('recording', ['FL.speed' => new SeriesFeature('metresPerSecond', array_fill(0, 100, 8.0), 0.1, 0.03)]);
        $shown = static fn (int $gone): Observation => new Observation('recording', ['FL.speed' => new ObservedSeries('metresPerSecond', [...array_fill(0, $gone, 0), ...array_fill(0, 100 - $gone, 267)], 0.1, 0.03)], null, []);

        self::assertGreaterThan($this->likelihood()->of($predicted, $shown(12), DeviationEstimate::blank())[0] + 4.0, $this->likelihood()->of($predicted, $shown(0), DeviationEstimate::blank())[0]);
    }

    private function number(float $mean, float $shown): float
    {
        return $this->log(Prediction::of('reading', ['reading' => $this->feature($mean)]), $shown);
    }

    private function log(Prediction $predicted, float $shown, ?Strengths $strengths = null): float
    {
        return $this->likelihood()->of($predicted, $this->shown($shown), DeviationEstimate::blank(), $strengths)[0];
    }

    private function shown(float $ohms): Observation
    {
        return new Observation('reading', ['reading' => ObservedNumber::shown('ohms', $ohms, 1.0)], null, []);
    }

    private function feature(float $mean): NumberFeature
    {
        return NumberFeature::reading('ohms', $mean, 1.0, 0.4, ['coil' => 12.0]);
    }

    private function likelihood(): Likelihood
    {
        return new Likelihood(Workbench::hypotheses()->weighing);
    }
}
