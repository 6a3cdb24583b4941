<?php

declare(strict_types=1);

namespace Lernfall\Evidence\Belief;

use Closure;
use Lernfall\Bay\Contract\Observation;
use Lernfall\Bay\Contract\ObservedNumber;
use Lernfall\Bay\Contract\ObservedSeries;
use Lernfall\Bay\Contract\ObservedTrace;
use Lernfall\Bay\Contract\Step;
use Lernfall\Bay\Job\Job;
use Lernfall\Bay\LampCodes\CodesShown;
use Lernfall\Bay\Worksheet\CodeChange;
use Lernfall\Bay\Worksheet\Judgement;
use Lernfall\Bay\Worksheet\SeenWords;
use Lernfall\Bay\Worksheet\Vocabulary;
use Lernfall\Bay\Worksheet\WriteCode;
use Lernfall\Bay\Worksheet\WriteReading;
use Lernfall\Bay\Worksheet\WrittenUnit;

/**
 * What stands on the card, as if it had been shown like that. A reading judged to say nothing supports nothing; what was
 * shown and not written down is left out.
 */
final readonly class WorksheetReading
{
    /** A value may be rounded this much when it is written down. */
    private const ROUNDING = 0.02;

    private function __construct(private Job $job)
    {
    }

    /**
     * @param  ?Closure(Step): bool  $carries  whether an entry may carry something, told the step that wrote it; null for all
     * @return array<int, Observation> what was written before a step, by the number of the step that showed it
     */
    public static function before(Job $job, int $step, ?Closure $carries = null): array
    {
        $card = new self($job);
        $values = [];
        foreach ($job->entries(WriteReading::class, $step) as $written) {
            $action = $written->action;
            if (! $action instanceof WriteReading || $action->judgement === Judgement::SaysNothing || $carries !== null && ! $carries($written)) {
                continue;
            }
            $value = $card->value($action);
            if ($value !== null) {
                $values[$action->of][$action->feature] = $value;
            }
        }

        return $card->observed($card->withCodes($values, $step, $carries));
    }

    /** @return array<int, Observation> the same as the display had it, whatever was written of it */
    public static function asShown(Job $job, int $step): array
    {
        $card = new self($job);
        $values = [];
        foreach ($job->entries(WriteReading::class, $step) as $written) {
            $action = $written->action;
            if (! $action instanceof WriteReading) {
                continue;
            }
            $shown = $job->step($action->of)?->observation->values[$action->feature] ?? null;
            if ($shown !== null) {
                $values[$action->of][$action->feature] = $shown;
            }
        }

        return $card->observed($card->withCodes($values, $step));
    }

    /**
     * @param  array<int, array<array-key, ObservedNumber|ObservedTrace|ObservedSeries|string>>  $values  by step that showed them
     * @param  ?Closure(Step): bool  $carries
     * @return array<int, array<array-key, ObservedNumber|ObservedTrace|ObservedSeries|string>>
     */
    private function withCodes(array $values, int $before, ?Closure $carries = null): array
    {
        foreach ($this->job->entries(WriteCode::class, $before) as $written) {
            $action = $written->action;
            if (! $action instanceof WriteCode || $carries !== null && ! $carries($written)) {
                continue;
            }
            $shown = self::source($this->job, $action, $written->number);
            if ($shown !== null) {
                $values[$shown->number] = $this->codes($shown, $action) + ($values[$shown->number] ?? []) + $this->absent($shown);
            }
        }
        foreach ($this->job->steps as $step) {
            if ($step->number < $before && CodesShown::isSilent($step)) {
                $values[$step->number] ??= $step->observation->values; // that the module is silent nobody has to write down
            }
        }

        return $values;
    }

    /**
     * @param  array<int, array<array-key, ObservedNumber|ObservedTrace|ObservedSeries|string>>  $values
     * @return array<int, Observation>
     */
    private function observed(array $values): array
    {
        $observations = [];
        foreach ($values as $number => $of) {
            $observations[$number] = new Observation($this->job->step($number)?->observation->kind ?? '', $of, null, []);
        }

        return $observations;
    }

    private function value(WriteReading $written): ObservedNumber|ObservedTrace|ObservedSeries|string|null
    {
        $shown = $this->job->step($written->of)?->observation->values[$written->feature] ?? null;
        if (! $shown instanceof ObservedNumber) {
            return is_string($shown) ? SeenWords::condition($written, $shown) : $shown;
        }
        if ($written->value === null) {
            return $written->word === Vocabulary::OVERLOAD ? ObservedNumber::overload($shown->unit) : null;
        }
        $unit = WrittenUnit::tryFrom($written->unit);
        if ($unit === null || $unit->quantity() !== $shown->unit) {
            return null;
        }
        $si = $unit->si($written->value);

        return ObservedNumber::shown($shown->unit, $si, max($shown->resolution, self::ROUNDING * abs($si)));
    }

    /** The list a code was read from: the last one before it was written that shows it so, or the last at all. That one is gone is always said of the last. */
    public static function source(Job $job, WriteCode $written, int $before): ?Step
    {
        $last = null;
        foreach (array_reverse(array_slice($job->steps, 0, $before - 1)) as $step) {
            $codes = CodesShown::at($step);
            if ($codes !== null && ($written->change === CodeChange::Gone || CodesShown::agree($codes, $written))) {
                return $step;
            }
            $last ??= $codes === null ? null : $step;
        }

        return $last;
    }

    /** @return array<array-key, ObservedNumber|ObservedTrace|ObservedSeries|string> a lamp's blinking stands for all of its codes once one of them is written */
    private function codes(Step $shown, WriteCode $written): array
    {
        if ($shown->observation->word('lamp') !== '') {
            return $written->change === CodeChange::Gone || array_key_exists($written->code, CodesShown::at($shown) ?? []) || $written->code === Vocabulary::NO_CODE && CodesShown::at($shown) === []
                ? ['lamp' => $shown->observation->word('lamp')]
                : [];
        }

        return match (true) {
            $written->code === Vocabulary::NO_CODE => array_fill_keys(array_keys(CodesShown::at($shown) ?? []), 'absent'),
            $written->change === CodeChange::Gone => [$written->code => 'absent'],
            default => [$written->code => $written->status] + $this->frame($shown, $written->code),
        };
    }

    /** @return array<array-key, ObservedNumber|ObservedTrace|ObservedSeries|string> what the module stored with a code: whoever writes the code down has that as well */
    private function frame(Step $shown, string $code): array
    {
        return array_filter($shown->observation->values, static fn (int|string $feature): bool => str_starts_with((string) $feature, "$code."), ARRAY_FILTER_USE_KEY);
    }

    /** @return array<array-key, string> what the list did not show */
    private function absent(Step $shown): array
    {
        return array_filter($shown->observation->values, static fn ($value): bool => $value === 'absent');
    }
}
