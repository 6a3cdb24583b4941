<?php

declare(strict_types=1);

namespace Lernfall\Bay\Contract;

use Lernfall\Chance\Draw;

/** One thing an action would show, before anything is drawn. */
interface Feature
{
    /** @param  string  $draw  the name the noise is drawn under */
    public function observed(Draw $noise, string $draw): ObservedNumber|ObservedTrace|ObservedSeries|string;

    /** What an ideal instrument shows: no noise, all digits. */
    public function exactly(): ObservedNumber|ObservedTrace|ObservedSeries|string;
}
