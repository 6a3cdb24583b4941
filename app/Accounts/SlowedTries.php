<?php

declare(strict_types=1);

namespace App\Accounts;

use Illuminate\Contracts\Cache\Repository;

/**
 * Wrong passwords slow down whoever tries them: one name from one address, so that a class behind one address signs in
 * within a minute, and nobody is locked out from another machine.
 */
final readonly class SlowedTries
{
    /** So many slips are nobody's business. */
    private const FREE = 4;

    private const MOST_SECONDS = 300;

    /** After so long without a try all is forgotten. */
    private const REMEMBERED_SECONDS = 3600;

    public function __construct(private Repository $cache)
    {
    }

    /** Seconds until the next try is looked at; none where it may be made now. */
    public function wait(string $name, string $address): int
    {
        [, $until] = $this->known($name, $address);

        return max(0, $until - now()->getTimestamp());
    }

    public function failed(string $name, string $address): void
    {
        [$failures] = $this->known($name, $address);
        $failures++;
        $seconds = $failures <= self::FREE ? 0 : min(self::MOST_SECONDS, 2 ** min(16, $failures - self::FREE));
        $this->cache->put($this->key($name, $address), [$failures, now()->getTimestamp() + $seconds], self::REMEMBERED_SECONDS);
    }

    public function succeeded(string $name, string $address): void
    {
        $this->cache->forget($this->key($name, $address));
    }

    /** @return array{int, int} failures, and the second from which the next try is looked at */
    private function known(string $name, string $address): array
    {
        $known = $this->cache->get($this->key($name, $address));

        return is_array($known) && is_int($known[0] ?? null) && is_int($known[1] ?? null) ? [$known[0], $known[1]] : [0, 0];
    }

    private function key(string $name, string $address): string
    {
        return 'sign-in '.hash('sha256', mb_strtolower($name)."\0$address");
    }
}
