<?php

declare(strict_types=1);

namespace App\Console;

use App\Strings;
use Lernfall\Bay\Contract\Observation;
use Lernfall\Bay\Contract\ObservedNumber;
use Lernfall\Bay\Contract\ObservedSeries;
use Lernfall\Bay\Contract\ObservedTrace;

/** An observation in one line for a terminal. */
final readonly class SpokenObservation
{
    private const UNITS = ['ohms' => 'Ω', 'volts' => 'V', 'amperes' => 'A', 'seconds' => 's', 'hertz' => 'Hz', 'metres' => 'm', 'metresPerSecond' => 'm/s'];

    /** Words that go without saying. */
    private const SILENT = ['absent'];

    public static function of(Observation $observation): string
    {
        if ($observation->wasRefused()) {
            return 'not done: '.Strings::text('refusal.'.($observation->refusal->value ?? ''));
        }
        $parts = [];
        foreach ($observation->values as $name => $value) {
            if (! in_array($value, self::SILENT, true)) {
                $parts[] = "$name ".match (true) {
                    $value instanceof ObservedNumber => self::number($value),
                    $value instanceof ObservedTrace, $value instanceof ObservedSeries => count($value->steps).' samples',
                    default => $value,
                };
            }
        }
        foreach ($observation->notes as $note) {
            $parts[] = '('.Strings::text("note.$note->value").')';
        }

        return implode(', ', $parts);
    }

    private static function number(ObservedNumber $number): string
    {
        $decimals = $number->resolution > 0.0 ? max(0, (int) ceil(-log10($number->resolution) - 1e-9)) : 0;

        return $number->overload ? 'overload' : Strings::number($number->si, $decimals, ' ').' '.self::UNITS[$number->unit];
    }
}
