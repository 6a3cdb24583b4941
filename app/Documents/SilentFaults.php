<?php

declare(strict_types=1);

namespace App\Documents;

use App\Jobs\FindSilentFaults;
use Illuminate\Support\Facades\Cache;
use Lernfall\Evidence\Preview\Visibility;
use Lernfall\Fault\Fault;
use Lernfall\Format\CanonicalJson;
use Lernfall\Format\VehicleReader;
use Lernfall\Revision;

/** Which faults a car does not show in their middle strength: found out once, by a worker, as every fault is tried by every test. */
final readonly class SilentFaults
{
    /** Seconds before a car on which this failed is tried again. */
    private const TRIED_AGAIN_AFTER_SECONDS = 3600;

    public function __construct(private ContentLibrary $library)
    {
    }

    /**
     * @param  string  $car  id of a vehicle of the library
     * @return ?list<array{kind: string, channel: string, conductor: string}> null, and a worker is asked for it, where it has not been found out yet
     */
    public function soon(string $car): ?array
    {
        if (! Cache::has($this->key($car))) {
            FindSilentFaults::dispatch($car);
        }

        return Cache::get($this->key($car));
    }

    public function findOut(string $car): void
    {
        Cache::rememberForever($this->key($car), function () use ($car): array {
            $vehicle = VehicleReader::read($this->library->vehicles()[$car]);

            return array_map(
                static fn (Fault $fault): array => ['kind' => $fault->kind->id, 'channel' => $fault->channel, 'conductor' => $fault->conductor],
                (new Visibility($this->library->simulator()))->silent($vehicle, $this->library->catalogue()->usualFaults($vehicle)),
            );
        });
    }

    /** Where it cannot be found out, none is said to be silent for a while. */
    public function giveUp(string $car): void
    {
        Cache::put($this->key($car), [], self::TRIED_AGAIN_AFTER_SECONDS);
    }

    private function key(string $car): string
    {
        return 'silent-faults.'.Revision::CURRENT.'.'.hash('sha256', CanonicalJson::of($this->library->vehicles()[$car]));
    }
}
