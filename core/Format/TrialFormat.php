<?php

declare(strict_types=1);

namespace Lernfall\Format;

use Lernfall\Evidence\Advice\Worth;

/** A test that could come next, and what it would tell, as JSON. */
final readonly class TrialFormat
{
    /** @return array{id: string, place: string, minutes: float, bits: float} */
    public static function write(Worth $worth): array
    {
        return ['id' => $worth->trial->id, 'place' => $worth->trial->place, 'minutes' => $worth->trial->minutes, 'bits' => round($worth->bits, 2)];
    }
}
