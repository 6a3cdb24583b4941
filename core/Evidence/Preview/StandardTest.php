<?php

declare(strict_types=1);

namespace Lernfall\Evidence\Preview;

use Lernfall\Bay\Contract\CarAction;
use Lernfall\Bay\Meter\Measure;
use Lernfall\Bay\Plugs\Unplug;
use Lernfall\Vehicle\Vehicle;

/** A usual test: what is done before it, the look or measurement itself, and which of the things it shows counts. */
final readonly class StandardTest
{
    /**
     * @param  string  $id  permanent, the same for every channel
     * @param  list<CarAction>  $before
     * @param  list<string>  $features  names of what counts
     * @param  bool  $isLocal  whether it looks at this channel only, so that an untouched channel shows what a sound car shows
     * @param  string  $with  another channel that it looks at as well, where it is local; "" for none
     */
    public function __construct(public string $id, public array $before, public CarAction $action, public array $features, public bool $isLocal = true, public string $with = '')
    {
    }

    /** Whether the meter feeds a current of its own, or a plug is opened for it. */
    public function needsPowerOff(): bool
    {
        return $this->action instanceof Measure && $this->action->function->feedsCurrent()
            || array_filter($this->before, static fn (CarAction $one): bool => $one instanceof Unplug) !== [];
    }

    /** @return list<string> the channels that matter to it where it is made at this place; none where all may */
    public function reaches(string $place): array
    {
        return $this->isLocal && $place !== Vehicle::WHOLE ? array_values(array_filter([$place, $this->with])) : [];
    }
}
