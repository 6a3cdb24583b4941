<?php

declare(strict_types=1);

namespace Lernfall\Marking;

use Lernfall\Bay\Contract\CarAction;
use Lernfall\Bay\Contract\Feature;
use Lernfall\Bay\Contract\NumberFeature;
use Lernfall\Bay\Contract\Observation;
use Lernfall\Bay\Contract\Step;
use Lernfall\Bay\Job\Job;
use Lernfall\Bay\Worksheet\Judgement;
use Lernfall\Bay\Worksheet\WriteReading;
use Lernfall\Evidence\Belief\BeliefHistory;
use Lernfall\Evidence\Belief\Distinguishability;

/** What is to be said of a reading on the card: whether it was judged as it should be, and whether something may rest on it. */
final readonly class JudgedReading
{
    /** So near to a sound car either judgement may be defended: sheets give ranges. */
    private const DEFENSIBLE = 0.15;

    /** Of a reading said to differ from the other side that nobody wrote down. */
    private const ALONE = 0.5;

    /**
     * @param  ?float  $share  how rightly it was judged; null where there is nothing to judge by
     * @param  bool  $carries  whether a repair may rest on it
     * @param  bool  $isOpen  it was left unsure, and nothing has settled it
     * @param  bool  $differs  the value is not what the display showed
     * @param  ?Step  $with  the same reading at a corner without a code, which settles what is normal
     */
    private function __construct(public ?float $share, public bool $carries, public bool $isOpen = false, public bool $differs = false, public ?Step $with = null)
    {
    }

    public static function of(Job $job, BeliefHistory $history, Step $written, WriteReading $action): self
    {
        $shown = $job->step($action->of);
        $entry = Entry::of($job, $written);
        if ($shown === null || ! array_key_exists($action->feature, $shown->observation->values) || $action->judgement === Judgement::SaysNothing) {
            return new self(null, false);
        }
        if ($entry->isSlip()) {
            return new self(null, true); // charged where the reading is
        }
        if (! $entry->isAsShown()) {
            return new self(0.0, false, differs: true);
        }
        $usual = $history->usual($action->of)?->features[$action->feature] ?? null;

        return $usual === null ? new self(null, true) : self::compared($job, $history, $written, $action, $shown, $usual);
    }

    private static function compared(Job $job, BeliefHistory $history, Step $written, WriteReading $action, Step $shown, Feature $usual): self
    {
        $with = (new Comparison($job))->of($shown);
        $fits = Distinguishability::fits($usual, $shown->observation, $action->feature);
        $isNear = self::isNear($usual, $shown->observation, $action->feature);

        return match ($action->judgement) {
            Judgement::In => new self($fits || $isNear ? 1.0 : 0.0, $fits || $isNear, with: $with),
            Judgement::Out => new self($fits ? 0.0 : 1.0, ! $fits, with: $with),
            Judgement::Differs => new self(match (true) {
                $fits => 0.0,
                $with === null => self::ALONE,
                default => 1.0,
            }, ! $fits, with: $with),
            default => self::unsure($job, $history, $written, $action, $shown, $with),
        };
    }

    /** Left unsure, it is settled by the same reading at a corner without a code, or by one of the same question that was judged later. */
    private static function unsure(Job $job, BeliefHistory $history, Step $written, WriteReading $action, Step $shown, ?Step $with): self
    {
        if ($with !== null) {
            return new self(1.0, true, with: $with);
        }
        foreach ($job->entries(WriteReading::class) as $later) {
            $other = $later->action;
            $question = $other instanceof WriteReading && $later->number > $written->number && $other->feature === $action->feature ? $job->step($other->of)?->action : null;
            if ($question instanceof CarAction && $shown->action instanceof CarAction && $question->question() === $shown->action->question()
                && $other->judgement !== Judgement::Unsure && self::of($job, $history, $later, $other)->share === 1.0) {
                return new self(1.0, $other->of === $action->of);
            }
        }

        return new self(null, false, isOpen: true);
    }

    private static function isNear(Feature $usual, Observation $shown, string $feature): bool
    {
        $number = $shown->number($feature);

        return $usual instanceof NumberFeature && ! $usual->overload && $number !== null && ! $number->overload
            && abs($number->si - $usual->mean) <= self::DEFENSIBLE * abs($usual->mean);
    }
}
