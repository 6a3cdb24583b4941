<?php

declare(strict_types=1);

namespace Lernfall\Marking;

use Lernfall\Bay\Contract\ObservedNumber;
use Lernfall\Bay\Contract\ObservedTrace;
use Lernfall\Bay\Contract\Step;
use Lernfall\Bay\Job\Job;
use Lernfall\Bay\Worksheet\Judgement;
use Lernfall\Bay\Worksheet\SeenWords;
use Lernfall\Bay\Worksheet\Vocabulary;
use Lernfall\Bay\Worksheet\WriteReading;
use Lernfall\Bay\Worksheet\WrittenUnit;
use Lernfall\Evidence\Belief\TraceLikeness;

/** What an apprentice wrote down beside what was shown. */
final readonly class Entry
{
    /** A value may be rounded this much when it is written down, relative to what was shown. */
    private const ROUNDING = 0.02;

    /** Digits may be rounded this much, as a decimal logarithm, where the point was misread. */
    private const SLIP = 0.05;

    private function __construct(private WriteReading $written, private ?Step $shown)
    {
    }

    public static function of(Job $job, Step $step): self
    {
        assert($step->action instanceof WriteReading);

        return new self($step->action, $job->step($step->action->of));
    }

    /** Value and unit as shown, and taken to say something. */
    public function isRight(): bool
    {
        return $this->written->judgement !== Judgement::SaysNothing && $this->isAsShown();
    }

    /** Value and unit, or the word, as the display showed it. */
    public function isAsShown(): bool
    {
        if ($this->shown === null) {
            return false;
        }
        $value = $this->shown->observation->values[$this->written->feature] ?? null;
        if ($value instanceof ObservedTrace) {
            return $this->written->word === TraceLikeness::seenIn($value);
        }
        $number = $this->shown->observation->number($this->written->feature);

        return $number === null
            ? SeenWords::condition($this->written, $this->shown->observation->word($this->written->feature)) === $this->shown->observation->word($this->written->feature)
            : $this->matches($number);
    }

    /** Whether it is what was shown but for a power of ten: milli read as none, or kilo. */
    public function isSlip(): bool
    {
        $shown = $this->shown?->observation->number($this->written->feature);
        $unit = WrittenUnit::tryFrom($this->written->unit);
        if ($shown === null || $shown->overload || $unit === null || $this->written->value === null || $unit->quantity() !== $shown->unit || $shown->si * $this->written->value <= 0.0) {
            return false;
        }
        $power = log10($unit->si($this->written->value) / $shown->si);

        return round($power) !== 0.0 && abs($power - round($power)) < self::SLIP;
    }

    private function matches(ObservedNumber $shown): bool
    {
        if ($shown->overload) {
            return $this->written->word === Vocabulary::OVERLOAD;
        }
        $unit = WrittenUnit::tryFrom($this->written->unit);

        return $this->written->value !== null && $unit !== null
            && abs($unit->si($this->written->value) - $shown->si) <= max($shown->resolution, self::ROUNDING * abs($shown->si));
    }
}
