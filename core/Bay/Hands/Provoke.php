<?php

declare(strict_types=1);

namespace Lernfall\Bay\Hands;

use Lernfall\Bay\Contract\CarAction;
use Lernfall\Vehicle\Provocation;

/** Starts to provoke a fault while an instrument is watched, or lets go. */
final readonly class Provoke implements CarAction
{
    /** @param  ?Provocation  $how  null lets go */
    public function __construct(public ?Provocation $how, public string $channel)
    {
    }

    public function name(): string
    {
        return 'provoke';
    }

    public function rate(): string
    {
        return 'provoke';
    }

    public function question(): string
    {
        return 'provoke '.($this->how->value ?? 'nothing')." $this->channel";
    }
}
