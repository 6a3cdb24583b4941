<?php

declare(strict_types=1);

namespace Lernfall\Bay\Swap;

use Lernfall\Bay\Contract\CarAction;

/** Exchanges the sensors of the two sides of an axle. A test, not a repair. */
final readonly class SwapSensors implements CarAction
{
    /**
     * @param  string  $channel  either of the two
     * @param  bool  $asks  says that one of them sits fast, and leaves both where they are, instead of drawing them out
     */
    public function __construct(public string $channel, public bool $asks = false)
    {
    }

    public function name(): string
    {
        return 'swap-sensors';
    }

    public function rate(): string
    {
        return 'swap-sensors';
    }

    public function question(): string
    {
        return "swap-sensors $this->channel";
    }
}
