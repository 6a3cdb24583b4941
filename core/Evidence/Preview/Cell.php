<?php

declare(strict_types=1);

namespace Lernfall\Evidence\Preview;

use Lernfall\Bay\Contract\Feature;

/** What one test shows at one channel: on this car, and on a sound one. */
final readonly class Cell
{
    /**
     * @param  array<string, Feature>  $faulty
     * @param  array<string, Feature>  $healthy
     * @param  bool  $differs  by more than the spread
     */
    public function __construct(public array $faulty, public array $healthy, public bool $differs)
    {
    }
}
