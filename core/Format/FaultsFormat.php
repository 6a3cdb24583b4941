<?php

declare(strict_types=1);

namespace Lernfall\Format;

use Lernfall\Fault\Fault;

/** Writes faults as a case file has them. */
final readonly class FaultsFormat
{
    /**
     * @param  list<Fault>  $faults
     * @return list<array<string, mixed>>
     */
    public static function write(array $faults): array
    {
        return array_map(static fn (Fault $fault): array => [
            'kind' => $fault->kind->id,
            'channel' => $fault->channel,
            ...($fault->kind->onConductor ? ['conductor' => $fault->conductor] : []),
            ...($fault->kind->unit === 'none' ? [] : ['strength' => $fault->strength]),
            ...($fault->provokedBy === null ? [] : ['provokedBy' => $fault->provokedBy->value]),
        ], $faults);
    }
}
