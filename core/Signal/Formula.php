<?php

declare(strict_types=1);

namespace Lernfall\Signal;

/** A formula with the numbers put in; its words stand under its key. */
final readonly class Formula
{
    /** @param  array<string, float>  $numbers  in SI units, by name */
    public function __construct(public string $key, public array $numbers)
    {
    }
}
