<?php

declare(strict_types=1);

namespace Lernfall\Bay\Plugs;

use Lernfall\Bay\Contract\CarAction;

/** Joins a plug. */
final readonly class Join implements CarAction
{
    public function __construct(public string $plug)
    {
    }

    public function name(): string
    {
        return 'join';
    }

    public function rate(): string
    {
        return 'join';
    }

    public function question(): string
    {
        return 'join '.$this->plug;
    }
}
