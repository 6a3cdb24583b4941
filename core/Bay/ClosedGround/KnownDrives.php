<?php

declare(strict_types=1);

namespace Lernfall\Bay\ClosedGround;

/** Where drives on closed ground are kept that have been worked out before, of cars that could be there. What is missing there is worked out again. */
interface KnownDrives
{
    /**
     * @param  string  $group  all drives asked for in the same way of one model of car
     * @param  string  $key  one of them
     */
    public function find(string $group, string $key): ?DriveOutcome;

    public function keep(string $group, string $key, DriveOutcome $outcome): void;

    /** What a car with nothing wrong with it does in a drive, by which all others are judged: metres or metres per second. */
    public function usual(string $key): ?float;

    public function keepUsual(string $key, float $figure): void;
}
