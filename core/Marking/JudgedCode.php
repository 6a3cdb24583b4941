<?php

declare(strict_types=1);

namespace Lernfall\Marking;

use Lernfall\Bay\Contract\Step;
use Lernfall\Bay\Job\Job;
use Lernfall\Bay\LampCodes\CodedCorners;
use Lernfall\Bay\LampCodes\CodesShown;
use Lernfall\Bay\Worksheet\CodeChange;
use Lernfall\Bay\Worksheet\Vocabulary;
use Lernfall\Bay\Worksheet\WriteCode;
use Lernfall\Evidence\Belief\WorksheetReading;
use Lernfall\Vehicle\Vehicle;

/**
 * What is to be said of a code on the card that was read while parts had changed places, were joined or tried: whether it was
 * judged rightly to have moved, stayed or gone since the list before. Any other code is a matter of the first list.
 */
final readonly class JudgedCode
{
    /**
     * @param  ?bool  $isRight  null where nothing was said, or there is nothing to judge by
     * @param  bool  $carries  whether a repair may rest on it
     */
    private function __construct(public ?bool $isRight, public bool $carries)
    {
    }

    public static function of(Job $job, Step $written, WriteCode $action): self
    {
        $shown = WorksheetReading::source($job, $action, $written->number);
        if ($shown === null || ! $shown->before->isRearranged()) {
            return new self(null, true);
        }
        $earlier = self::before($job, $shown);
        if ($action->change === null || $earlier === null) {
            return new self(null, false);
        }
        $isRight = self::change($action->code, $earlier, CodesShown::at($shown) ?? [], $job->case->sound) === $action->change;

        return new self($isRight, $isRight);
    }

    /**
     * The last list before anything was rearranged.
     *
     * @return ?array<array-key, string> status by code
     */
    private static function before(Job $job, Step $shown): ?array
    {
        $before = null;
        foreach ($job->steps as $step) {
            if ($step->number < $shown->number && ! $step->before->isRearranged()) {
                $before = CodesShown::at($step) ?? $before;
            }
        }

        return $before;
    }

    /**
     * What has become of a code: a corner that is named now and was not, while the other side is not named any more, got it from there.
     *
     * @param  array<array-key, string>  $earlier
     * @param  array<array-key, string>  $now
     */
    private static function change(string $code, array $earlier, array $now, Vehicle $vehicle): ?CodeChange
    {
        if ($code === Vocabulary::NO_CODE) {
            return $earlier !== [] && $now === [] ? CodeChange::Gone : null;
        }
        [$was, $is] = [CodedCorners::named(array_keys($earlier), $vehicle), CodedCorners::named(array_keys($now), $vehicle)];
        $corner = array_values(array_filter($vehicle->channelIds(), static fn (string $channel): bool => in_array($code, CodedCorners::codesOf($channel, $vehicle), true)))[0] ?? null;
        if ($corner === null) {
            return self::ofOther(isset($earlier[$code]), isset($now[$code]));
        }
        $other = $vehicle->opposite($corner)?->id;
        $came = ! in_array($corner, $was, true) && in_array($corner, $is, true) && in_array($other, $was, true);
        $went = in_array($corner, $was, true) && ! in_array($corner, $is, true) && in_array($other, $is, true) && ! in_array($other, $was, true);

        return $came || $went ? CodeChange::Moved : self::ofOther(in_array($corner, $was, true), in_array($corner, $is, true));
    }

    private static function ofOther(bool $was, bool $is): ?CodeChange
    {
        return ! $was ? null : ($is ? CodeChange::Stayed : CodeChange::Gone);
    }
}
