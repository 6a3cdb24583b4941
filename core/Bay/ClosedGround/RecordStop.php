<?php

declare(strict_types=1);

namespace Lernfall\Bay\ClosedGround;

use Lernfall\Bay\Contract\Drives;
use Lernfall\Drive\Drive;

/** A stop on closed ground with a terminal listening to the wheel speeds. */
final readonly class RecordStop implements Drives
{
    public function __construct(public StopHere $stop)
    {
    }

    public function name(): string
    {
        return 'record-stop';
    }

    public function rate(): string
    {
        return 'record-stop';
    }

    public function question(): string
    {
        return 'record-stop '.$this->stop->question();
    }

    public function drive(): Drive
    {
        return $this->stop->drive();
    }
}
