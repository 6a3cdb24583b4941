<?php

declare(strict_types=1);

namespace Lernfall\Marking;

use Lernfall\Bay\Contract\ObservedNumber;
use Lernfall\Bay\Contract\Step;
use Lernfall\Bay\Job\Job;
use Lernfall\Bay\Worksheet\Judgement;
use Lernfall\Bay\Worksheet\Vocabulary;
use Lernfall\Bay\Worksheet\WriteReading;
use Lernfall\Bay\Worksheet\WrittenUnit;

/** What an apprentice wrote down beside what was shown. */
final readonly class Entry
{
    /** A value may be rounded this much when it is written down, relative to what was shown. */
    private const ROUNDING = 0.02;

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
        if ($this->shown === null || $this->written->judgement === Judgement::SaysNothing) {
            return false;
        }
        $number = $this->shown->observation->number($this->written->feature);

        return $number === null
            ? $this->written->word === $this->shown->observation->word($this->written->feature)
            : $this->matches($number);
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
