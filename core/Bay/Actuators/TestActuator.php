<?php

declare(strict_types=1);

namespace Lernfall\Bay\Actuators;

use Lernfall\Bay\Contract\CarAction;
use Lernfall\Vehicle\BrakeParts;
use Lernfall\Vehicle\Brakes\Modulation;

/**
 * Has the scan terminal run the pump, or the valves of one corner or of several while a helper holds the brake pedal and another tries the wheels
 * by hand.
 */
final readonly class TestActuator implements CarAction
{
    /** Before a channel: the pump brakes its wheel without the pedal. */
    public const BUILD_UP = 'build-up.';

    /**
     * @param  string  $part  "pump", "valves." and a channel, or "build-up." and a channel
     * @param  Modulation  $modulation  what the valves are driven to
     * @param  bool  $beforePedal  the valves are driven before the pedal goes down, not after
     * @param  list<string>  $with  further valves that are driven at the same time
     */
    public function __construct(public string $part, public Modulation $modulation = Modulation::Reduce, public bool $beforePedal = false, public array $with = [])
    {
    }

    public function name(): string
    {
        return 'test-actuator';
    }

    public function rate(): string
    {
        return $this->part === BrakeParts::PUMP ? 'test-actuator.pump' : 'test-actuator.valves';
    }

    public function question(): string
    {
        return implode(' ', [
            "test-actuator.$this->part", ...($this->modulation === Modulation::Reduce ? [] : [$this->modulation->value]), ...($this->beforePedal ? ['before-pedal'] : []), ...$this->with,
        ]);
    }

    public function buildsUp(): bool
    {
        return str_starts_with($this->part, self::BUILD_UP);
    }

    /** @return list<string> whose valves are driven */
    public function channels(): array
    {
        return $this->buildsUp() ? [substr($this->part, strlen(self::BUILD_UP))] : BrakeParts::channelsOf([$this->part, ...$this->with]);
    }
}
