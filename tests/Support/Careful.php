<?php

declare(strict_types=1);

namespace Tests\Support;

use Lernfall\Bay\Contract\CarAction;
use Lernfall\Bay\Contract\Observation;
use Lernfall\Bay\Contract\ObservedNumber;
use Lernfall\Bay\Contract\ObservedSeries;
use Lernfall\Bay\Contract\ObservedTrace;
use Lernfall\Bay\Contract\UnfitAction;
use Lernfall\Bay\Job\FaultCase;
use Lernfall\Bay\Job\Job;
use Lernfall\Bay\LampCodes\CodesShown;
use Lernfall\Evidence\Belief\TraceLikeness;

/** Someone who writes down all that is shown, and judges it by what a sound car shows after the same steps. */
final class Careful
{
    private const UNITS = ['ohms' => 'Ω', 'volts' => 'V', 'amperes' => 'A', 'metres' => 'mm', 'hertz' => 'Hz', 'metresPerSecond' => 'km/h'];

    private const FACTORS = ['metres' => 1000.0, 'metresPerSecond' => 3.6];

    private const NEAR = ['hertz' => 0.01];

    private const NEAR_OTHERWISE = 0.1;

    /** Every car has its own, and none of them means anything. */
    private const HARMLESS = 'blemish';

    public static function note(Played $played): void
    {
        $step = $played->job->lastStep();
        $of = count($played->job->steps);
        $codes = $step === null ? null : CodesShown::at($step);
        foreach ($codes ?? [] as $code => $status) {
            $played->do(['do' => 'write-code', 'code' => (string) $code, 'status' => $status === '' ? 'present' : $status]);
        }
        if ($codes === []) {
            $played->do(['do' => 'write-code', 'code' => 'none', 'status' => '']);
        }
        $sound = $codes === null && $step?->observation->values !== [] ? self::onSound($played->job) : null;
        foreach ($codes === null ? ($step->observation->values ?? []) : [] as $feature => $value) {
            if ($value instanceof ObservedSeries) {
                continue; // a recording has no place on the card
            }
            $number = $value instanceof ObservedNumber && ! $value->overload;
            $entry = [
                'do' => 'write-reading', 'of' => $of, 'feature' => (string) $feature,
                'value' => $number ? $value->si * (self::FACTORS[$value->unit] ?? 1.0) : null, 'unit' => $number ? self::UNITS[$value->unit] ?? '' : '',
                'word' => match (true) {
                    $number => '',
                    $value instanceof ObservedTrace => TraceLikeness::seenIn($value),
                    default => is_string($value) ? $value : 'open',
                }, 'judgement' => $feature === self::HARMLESS ? 'in' : self::judgement($value, $sound?->values[$feature] ?? null), 'comparedWith' => 'data sheet',
            ];
            try {
                $played->do($entry);
            } catch (UnfitAction) {
                continue; // not everything that is shown has a place on the card
            }
        }
    }

    private static function judgement(mixed $shown, mixed $usual): string
    {
        if ($shown instanceof ObservedTrace && $usual instanceof ObservedTrace) {
            return TraceLikeness::seenIn($shown) === TraceLikeness::seenIn($usual) ? 'in' : 'out';
        }
        $isAlike = $shown instanceof ObservedNumber && $usual instanceof ObservedNumber
            ? $shown->overload === $usual->overload && abs($shown->si - $usual->si) <= max($shown->resolution, (self::NEAR[$usual->unit] ?? self::NEAR_OTHERWISE) * abs($usual->si))
            : $shown == $usual;

        return $isAlike ? 'in' : 'out';
    }

    /** What the last step shows on a sound car to which the same was done. */
    private static function onSound(Job $job): ?Observation
    {
        $case = $job->case;
        $sound = Job::ideally(new FaultCase($case->name, $case->jobTitle, $case->complaint, $case->sound, [], $case->averagingMeter, $case->withheld), 'sound');
        foreach ($job->steps as $step) {
            $sound = $step->action instanceof CarAction ? $sound->do($step->action, Workbench::simulator()) : $sound;
        }

        return $sound->lastStep()?->observation;
    }
}
