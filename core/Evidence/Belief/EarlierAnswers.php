<?php

declare(strict_types=1);

namespace Lernfall\Evidence\Belief;

use Lernfall\Bay\Contract\Feature;
use Lernfall\Bay\Contract\NumberFeature;
use Lernfall\Bay\Contract\Observation;
use Lernfall\Bay\Contract\ObservedNumber;
use Lernfall\Bay\Contract\Prediction;

/** What the same question was answered before, on a hypothesis' car. */
final readonly class EarlierAnswers
{
    /** So many answers to one question are looked back at. */
    private const MOST = 8;

    /** @param  list<Answer>  $answers  the one most nearly to be expected again first */
    private function __construct(private array $answers)
    {
    }

    /**
     * @param  list<int>  $steps  that put the question, the last first
     * @param  array<int, Observation>  $shown  by step number
     */
    public static function of(HypothesisBranch $way, array $steps, array $shown, Prediction $now): self
    {
        $answers = [];
        foreach (array_slice($steps, 0, self::MOST) as $step) {
            if (isset($way->predictions[$step], $shown[$step])) {
                $answers[] = new Answer($way->predictions[$step], $shown[$step]);
            }
        }

        return self::before($now, $answers);
    }

    /** @param  list<Answer>  $answers  the last first */
    public static function before(Prediction $now, array $answers): self
    {
        $changes = array_map(static fn (Answer $one): float => $one->change($now), $answers);
        $order = array_keys($answers);
        usort($order, static fn (int $one, int $other): int => [$changes[$one], $one] <=> [$changes[$other], $other]);

        return new self(array_map(static fn (int $index): Answer => $answers[$index], $order));
    }

    /** Whether nothing new is expected. */
    public function settle(Prediction $prediction): bool
    {
        return $this->answers !== [] && $this->answers[0]->expects($prediction);
    }

    /** Whether what is shown now is what was shown then, by somebody who expects the same as then: nothing is learnt from it. Numbers scatter: see askedAgain(). */
    public function areRepeated(string $name, Feature $feature, Observation $now): bool
    {
        $then = $this->answers[0]->predicted->features[$name] ?? null;
        $before = $this->answers[0]->shown->values[$name] ?? null;
        if ($then === null || $before === null || $before != ($now->values[$name] ?? null)) {
            return false;
        }

        return $then instanceof NumberFeature && $feature instanceof NumberFeature
            ? $before instanceof ObservedNumber && $before->overload && $then->overload === $feature->overload
            : Distinguishability::areAlike($then, $feature);
    }

    /** Null where it is no number, or where only one of the two is expected to lie beyond what the display can show. */
    public function askedAgain(string $name, Feature $feature): ?AskedAgain
    {
        if (! $feature instanceof NumberFeature) {
            return null;
        }
        $numbers = [];
        foreach ($this->answers as $index => $answer) {
            $then = $answer->predicted->features[$name] ?? null;
            $before = $answer->shown->number($name);
            if ($then instanceof NumberFeature && $then->overload === $feature->overload && $before !== null && ! $before->overload) {
                $numbers[] = [$then, $before];
            } elseif ($index === 0) {
                return null;
            }
        }

        return $numbers === [] ? null : AskedAgain::since($numbers[0][1], $numbers[0][0], $feature, array_slice($numbers, 1));
    }
}
