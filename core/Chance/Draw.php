<?php

declare(strict_types=1);

namespace Lernfall\Chance;

use Closure;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/** Repeatable draws: each is a hash of a seed and the name of the draw, never a position in a stream. */
final readonly class Draw
{
    private const FINENESS = 1 << 30;

    public function __construct(private string $seed)
    {
    }

    /** Uniform in the open interval (0, 1). */
    public function uniform(string $name): float
    {
        $bits = hash('xxh64', $this->seed."\0".$name, true);
        /** @var array{1: int, 2: int} $words */
        $words = unpack('N2', $bits);

        return ($words[1] * 1048576.0 + ($words[2] >> 12) + 0.5) / 4503599627370496.0; // 52 bits
    }

    /** Standard normal, by the method of Box and Muller (1958). */
    public function normal(string $name): float
    {
        $radius = sqrt(-2.0 * log($this->uniform($name.' r')));

        return $radius * cos(2.0 * M_PI * $this->uniform($name.' a'));
    }

    /**
     * Many standard normal numbers under one name, for a trace of them: seeded by the name, so the trace as a whole is
     * repeatable.
     *
     * @return Closure(): float
     */
    public function stream(string $name): Closure
    {
        $randomizer = new Randomizer(new Xoshiro256StarStar(hash('sha256', $this->seed."\0".$name, true)));

        return static function () use ($randomizer): float {
            $radius = sqrt(-2.0 * log(($randomizer->getInt(0, self::FINENESS - 1) + 0.5) / self::FINENESS));

            return $radius * cos(2.0 * M_PI * $randomizer->getInt(0, self::FINENESS - 1) / self::FINENESS);
        };
    }
}
