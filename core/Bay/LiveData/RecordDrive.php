<?php

declare(strict_types=1);

namespace Lernfall\Bay\LiveData;

use Lernfall\Bay\Contract\Drives;
use Lernfall\Drive\Drive;
use Lernfall\Drive\Journey;
use Lernfall\Drive\Route;

/** Drives with the scan tool recording the wheel speeds. */
final readonly class RecordDrive implements Drives
{
    /** @param  bool  $onCode  only what lies around the moment at which a code is set is kept */
    public function __construct(public Journey $route, public bool $onCode)
    {
    }

    public function name(): string
    {
        return 'record-drive';
    }

    public function rate(): string
    {
        return $this->route === Route::Usual ? 'road-test' : "road-test.{$this->route->key()}";
    }

    /** A drive like any other, as far as faults that come and go are concerned. */
    public function question(): string
    {
        return "{$this->rate()}.recorded";
    }

    public function drive(): Drive
    {
        return $this->route->drive();
    }
}
