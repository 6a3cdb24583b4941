<?php

declare(strict_types=1);

namespace Lernfall\Bay\Contract;

/** What an eye meets at one place: of what kind the picture is, and what it is drawn from. What it means is not in it. */
final readonly class ObservedPicture
{
    /** @param  array<string, float|string>  $shows  shares from 0 to 1, millimetres where the name says so, and plain words */
    public function __construct(public string $drawing, public array $shows)
    {
    }
}
