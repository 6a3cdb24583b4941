<?php

declare(strict_types=1);

namespace Tests\Recorded;

use Lernfall\Bay\ClosedGround\Footing;
use Lernfall\Chance\Draw;

/** One thing done on closed ground, or on the way there and back, in its JSON form, drawn. */
final readonly class DrawnDrive
{
    public function __construct(private Draw $draw, private int $try)
    {
    }

    /** @return array<string, mixed> */
    public function json(): array
    {
        $footing = $this->one('footing', Footing::cases());
        $stop = ['footing' => $footing->value, 'kilometresPerHour' => $this->one('speed', array_values(array_filter([10, 20, 40, 60], static fn (int $speed): bool => $speed <= $footing->mostKilometresPerHour()))), 'hard' => $this->at('hard') < 0.7];

        return match ((int) floor($this->at('drive') * 8.0)) {
            0 => ['do' => 'try-pedal', 'pumped' => $this->at('pumped') < 0.5],
            1, 2 => ['do' => 'stop-on-closed-ground', ...$stop],
            3 => ['do' => 'record-stop', ...$stop],
            4 => ['do' => 'pull-away', 'footing' => $footing->value],
            5, 6 => ['do' => 'drive-freely', 'footing' => $footing->value, 'parts' => [$this->part('throttle', 1), $this->part('off', 2), $this->part($this->one('foot', ['brake-gently', 'brake-hard']), 3)]],
            default => $this->one('between', [['do' => 'read-codes'], ['do' => 'clear-codes'], ['do' => 'look-at-lamps'], ['do' => 'ignition', 'to' => 'running'], ['do' => 'road-test'], ['do' => 'end-session'], ['do' => 'brake-on-rollers', 'axle' => 'front']]),
        };
    }

    /** @return array<string, mixed> */
    private function part(string $foot, int $number): array
    {
        return ['foot' => $foot, 'steering' => $this->one("steering $number", ['straight', 'straight', 'left', 'right']), 'seconds' => $this->one("seconds $number", [1, 2, 3])];
    }

    private function at(string $what): float
    {
        return $this->draw->uniform("$what $this->try");
    }

    /**
     * @template T
     *
     * @param  non-empty-list<T>  $of
     * @return T
     */
    private function one(string $what, array $of): mixed
    {
        return $of[(int) floor($this->at($what) * count($of))];
    }
}
