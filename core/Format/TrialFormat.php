<?php

declare(strict_types=1);

namespace Lernfall\Format;

use Lernfall\Evidence\Advice\TestValue;

/** A test that could come next, and what it would tell, as JSON. */
final readonly class TrialFormat
{
    /** @return array{id: string, place: string, minutes: float, bits: float} */
    public static function write(TestValue $testValue): array
    {
        return ['id' => $testValue->trial->id, 'place' => $testValue->trial->place, 'minutes' => $testValue->trial->minutes, 'bits' => round($testValue->bits, 2)];
    }
}
