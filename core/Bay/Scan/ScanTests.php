<?php

declare(strict_types=1);

namespace Lernfall\Bay\Scan;

use Lernfall\Bay\Contract\CandidateTest;
use Lernfall\Bay\Driving\RoadTest;
use Lernfall\Bay\Preliminaries\Before;
use Lernfall\Drive\Route;
use Lernfall\Module\Failure;
use Lernfall\Module\PartsCheck;
use Lernfall\Vehicle\Channel;
use Lernfall\Vehicle\Vehicle;

/** What the codes tell, as they stand and after a drive of one kind. */
final readonly class ScanTests
{
    /** Drives that bring on what one drive in town does not. */
    private const DRIVES = [Route::Usual, Route::LeftBends, Route::RightBends, Route::Bumps, Route::WarmUp];

    /** @return list<CandidateTest> the codes of one channel after a drive; advice reads those of all at once */
    public static function of(Vehicle $vehicle, Channel $channel): array
    {
        $module = $vehicle->module;

        return ! $module->talksToScanTools() ? [] : [CandidateTest::usual('codes', Before::driven(), new ReadCodes, self::told(array_map(
            static fn (Failure $failure): string => $module->dialect->code($channel->id, $failure->value),
            Failure::ofChannels(),
        )))->ofTheWholeCar()->onlyShown()];
    }

    /** @return list<CandidateTest> */
    public static function ofTheWholeCar(Vehicle $vehicle): array
    {
        if (! $vehicle->module->talksToScanTools()) {
            return [];
        }
        $driven = static fn (Route $route): CandidateTest => CandidateTest::further(
            "codes-after-$route->value", [...Before::running(), new ClearCodes, new RoadTest($route)], [new ReadCodes], [],
        )->ofTheWholeCar();

        return [
            ...self::ofParts($vehicle),
            CandidateTest::further('codes', Before::keyOn(), [new ReadCodes], [])->ofTheWholeCar(),
            ...array_map($driven, self::DRIVES),
        ];
    }

    /** @return list<CandidateTest> the codes of valves, pump and switches */
    private static function ofParts(Vehicle $vehicle): array
    {
        $codes = [];
        foreach ((new PartsCheck($vehicle->brakeParts, $vehicle->module->dialect))->subjects() as $part) {
            foreach (Failure::ofParts() as $failure) {
                $codes[] = $vehicle->module->dialect->code($part, $failure->value);
            }
        }

        return $vehicle->brakeParts->ids() === [] ? [] : [
            CandidateTest::usual('codes-of-parts', Before::driven(), new ReadCodes, self::told($codes))->ofTheWholeCar()->onlyShown(),
        ];
    }

    /**
     * @param  list<string>  $codes  "" for what has none
     * @return list<string> each once
     */
    private static function told(array $codes): array
    {
        return array_values(array_unique(array_filter($codes, static fn (string $code): bool => $code !== '')));
    }
}
