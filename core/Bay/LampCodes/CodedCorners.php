<?php

declare(strict_types=1);

namespace Lernfall\Bay\LampCodes;

use Lernfall\Module\Failure;
use Lernfall\Vehicle\Vehicle;

/** Which corners the codes of a module name. */
final readonly class CodedCorners
{
    /**
     * @param  array<array-key, string>  $codes
     * @return list<string>
     */
    public static function named(array $codes, Vehicle $vehicle): array
    {
        $shown = array_map(strval(...), $codes);

        return array_values(array_filter($vehicle->channelIds(), static fn (string $channel): bool => array_intersect($shown, self::codesOf($channel, $vehicle)) !== []));
    }

    /** @return list<string> every code that names this corner */
    public static function codesOf(string $channel, Vehicle $vehicle): array
    {
        return array_values(array_filter(
            array_map(static fn (Failure $failure): string => $vehicle->module->dialect->code($channel, $failure->value), Failure::ofChannels()),
            static fn (string $code): bool => $code !== '',
        ));
    }
}
