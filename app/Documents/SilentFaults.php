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
    /** Seconds for which what has been found out so far is kept, and a car on which this failed is not tried again. */
    private const KEPT_SECONDS = 3600;

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

    /**
     * Goes on finding it out for so many seconds and a fault longer; what is known by then is kept.
     *
     * @return bool it is found out
     */
    public function findOut(string $car, float $seconds): bool
    {
        $key = $this->key($car);
        if (Cache::has($key)) {
            return true;
        }
        $until = microtime(true) + $seconds;
        $vehicle = VehicleReader::read($this->library->vehicles()[$car]);
        $visibility = new Visibility($this->library->simulator());
        $faults = $this->library->catalogue()->usualFaults($vehicle);
        $shows = Cache::get("$key.so-far", []);
        foreach ($faults as $fault) {
            $alike = Visibility::alike($vehicle, $fault);
            if (isset($shows[$alike])) {
                continue;
            }
            $shows[$alike] = $visibility->shows($vehicle, $fault);
            if (microtime(true) > $until) {
                Cache::put("$key.so-far", $shows, self::KEPT_SECONDS);

                return false;
            }
        }
        $silent = array_filter($faults, static fn (Fault $fault): bool => ! $shows[Visibility::alike($vehicle, $fault)]);
        Cache::forever($key, array_map(static fn (Fault $fault): array => ['kind' => $fault->kind->id, 'channel' => $fault->channel, 'conductor' => $fault->conductor], array_values($silent)));
        Cache::forget("$key.so-far");

        return true;
    }

    /** Where it cannot be found out, none is said to be silent for a while. */
    public function giveUp(string $car): void
    {
        Cache::put($this->key($car), [], self::KEPT_SECONDS);
    }

    private function key(string $car): string
    {
        return 'silent-faults.'.Revision::CURRENT.'.'.hash('sha256', CanonicalJson::of($this->library->vehicles()[$car]));
    }
}
