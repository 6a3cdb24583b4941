<?php

declare(strict_types=1);

namespace Lernfall\Bay\Plugs;

use Lernfall\Bay\Contract\CarAction;

/** Opens a plug. */
final readonly class Unplug implements CarAction
{
    public function __construct(public string $plug)
    {
    }

    public function name(): string
    {
        return 'unplug';
    }

    public function rate(): string
    {
        return 'unplug';
    }

    public function question(): string
    {
        return 'unplug '.$this->plug;
    }
}
