<?php

declare(strict_types=1);

namespace Lernfall\Bay\Actuators;

use Lernfall\Bay\Contract\CarAction;

/** Has the scan terminal run the pump, or the valves of a corner while a helper presses the brake and another turns the wheel. */
final readonly class TestActuator implements CarAction
{
    /** @param  string  $part  "pump", or "valves." and a channel */
    public function __construct(public string $part)
    {
    }

    public function name(): string
    {
        return 'test-actuator';
    }

    public function rate(): string
    {
        return $this->part === 'pump' ? 'test-actuator.pump' : 'test-actuator.valves';
    }

    public function question(): string
    {
        return "test-actuator.$this->part";
    }
}
