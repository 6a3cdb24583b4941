<?php

declare(strict_types=1);

namespace Lernfall\Module;

use Lernfall\Vehicle\CodeDialect;

/** The codes a module can show, by what its memory holds. */
final readonly class StoredCodes
{
    /**
     * @param  array<string, string>  $channels  by the name the module has for them
     * @param  list<string>  $parts  valves, pump, relays and switches that have codes
     * @return array<array-key, ?StoredCode> by code, null where it is not stored; several failures can share one code
     */
    public static function in(Memory $memory, CodeDialect $dialect, array $channels, array $parts = []): array
    {
        $codes = [];
        $companions = array_fill_keys(array_keys($dialect->companions), null);
        foreach ([...$channels, ...array_combine($parts, $parts)] as $name => $channel) {
            foreach (in_array($channel, $parts, true) ? Failure::ofParts() : Failure::ofChannels() as $failure) {
                $code = $dialect->code($name, $failure->value);
                if ($code === '') {
                    continue;
                }
                $stored = self::stored($memory, $channel, $failure);
                $codes[$code] = self::graver($codes[$code] ?? null, $stored);
                foreach ($dialect->companions as $companion => $causes) {
                    $follows = $stored !== null && in_array($failure->value, $causes, true) ? new StoredCode($stored->status, null, null) : null;
                    $companions[$companion] = self::graver($companions[$companion] ?? null, $follows);
                }
            }
        }

        return $codes + $companions;
    }

    private static function stored(Memory $memory, string $channel, Failure $failure): ?StoredCode
    {
        $status = $memory->status($channel, $failure);

        return $status === null ? null : new StoredCode($status, $memory->byte($channel, $failure), $memory->frame($channel, $failure));
    }

    private static function graver(?StoredCode $one, ?StoredCode $other): ?StoredCode
    {
        return $one === null || $other === null ? $one ?? $other : $one->orGraver($other);
    }
}
