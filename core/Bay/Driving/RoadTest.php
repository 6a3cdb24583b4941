<?php

declare(strict_types=1);

namespace Lernfall\Bay\Driving;

use Lernfall\Bay\Contract\Drives;
use Lernfall\Drive\Drive;
use Lernfall\Drive\Journey;
use Lernfall\Drive\Route;

/** Drives one of the usual drives. */
final readonly class RoadTest implements Drives
{
    public function __construct(public Journey $route = Route::Usual)
    {
    }

    public function name(): string
    {
        return 'road-test';
    }

    public function rate(): string
    {
        return $this->question();
    }

    public function question(): string
    {
        return $this->route === Route::Usual ? 'road-test' : "road-test.{$this->route->key()}";
    }

    public function drive(): Drive
    {
        return $this->route->drive();
    }
}
