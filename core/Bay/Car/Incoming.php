<?php

declare(strict_types=1);

namespace Lernfall\Bay\Car;

use Lernfall\Vehicle\Channel;
use Lernfall\Vehicle\Link;
use Lernfall\Vehicle\Vehicle;

/**
 * What is left of what a car came in with. Whatever was done to it in the bay that is no repair does not count: makeshifts are
 * taken off again, parts that came in sound and have been spoilt since are sound. A part that was carried to another corner
 * is judged where it sits now.
 */
final readonly class Incoming
{
    private function __construct(private Vehicle $arrived, private Vehicle $sound)
    {
    }

    /** The vehicle with nothing wrong but what it came in with and still has. */
    public static function left(Car $car): Vehicle
    {
        $car = $car->own();
        if ($car->vehicle === $car->arrived) {
            return $car->vehicle;
        }
        $moved = array_filter($car->sound->channelIds(), static fn (string $id): bool => $car->state->sensorOf($id) !== $id);
        $places = implode(' ', array_map(static fn (string $id): string => "$id<{$car->state->sensorOf($id)}", $moved));
        [$arrived, $left] = Memo::with($car->vehicle, "incoming $places", static fn (): array => [$car->arrived, self::at($car, $moved)->undone($car->vehicle)]);

        return $arrived === $car->arrived ? $left : self::at($car, $moved)->undone($car->vehicle);
    }

    /** The vehicle as it stands, without its makeshifts: what has been spoilt since it came in counts. */
    public static function withoutMakeshifts(Car $car): Vehicle
    {
        $vehicle = $car->own()->vehicle;
        foreach ($vehicle->channels as $channel) {
            $arrived = $car->arrived->channel($channel->id);
            $vehicle = $channel === $arrived ? $vehicle : $vehicle->withChannel((new self($car->arrived, $car->sound))->untaped($channel, $arrived));
        }

        return $vehicle;
    }

    /** Whether every part is as it should be; a makeshift is no repair, and no fault. */
    public static function isInOrder(Car $car): bool
    {
        return $car->vehicle == $car->sound || self::withoutMakeshifts($car) == $car->sound;
    }

    /** @param  array<array-key, string>  $moved  corners that have the sensor of another one */
    private static function at(Car $car, array $moved): self
    {
        $arrived = $car->arrived;
        foreach ($moved as $id) {
            $arrived = $arrived->withChannel($arrived->channel($id)->withSensorOf($car->arrived->channel($car->state->sensorOf($id))));
        }

        return new self($arrived, $car->sound);
    }

    private function undone(Vehicle $vehicle): Vehicle
    {
        $left = $vehicle;
        foreach ($vehicle->channels as $channel) {
            $arrived = $this->arrived->channel($channel->id);
            $left = $channel === $arrived ? $left : $left->withChannel($this->unspoilt($this->untaped($channel, $arrived), $arrived));
        }
        $feed = $this->arrived->power->feed == $this->sound->power->feed ? $this->sound->power->feed : $left->power->feed;
        $supply = $this->arrived->power->supply == $this->sound->power->supply ? $this->sound->power->supply : $left->power->supply;
        $left = $left->withFeed($feed)->withSupply($supply);
        foreach ($left->brakeParts->ids() as $part) {
            $left = $this->arrived->brakeParts->state($part) === $this->sound->brakeParts->state($part) ? $left->withBrakePart($part, $this->sound->brakeParts->state($part)) : $left;
        }

        if ($left->brakeParts->unit !== null) {
            $left = $this->arrived->unit() == $this->sound->unit() ? $left->withUnit($this->sound->unit()) : $left;
        }

        return $this->arrived->module == $this->sound->module ? $left->withModule($this->sound->module) : $left;
    }

    /** The tape is off again, and the cable rubs where it did. */
    private function untaped(Channel $channel, Channel $arrived): Channel
    {
        if (! $channel->has('loom') || ! $channel->cable('loom')->taped || $arrived->cable('loom')->taped) {
            return $channel;
        }
        $provoked = $arrived->acting->channel ?? $arrived->dormant();

        return $this->combined(
            $channel->dormant()->withLink($arrived->dormant()->cable('loom')),
            ($channel->acting->channel ?? $channel->dormant())->withLink($provoked->cable('loom')),
            $channel, $arrived,
        );
    }

    /** Parts that came in sound are sound. */
    private function unspoilt(Channel $channel, Channel $arrived): Channel
    {
        $sound = $this->sound->channel($channel->id);
        $kept = $this->cameInWrong($arrived, $sound);
        $links = array_values(array_filter($sound->links, static fn (Link $link): bool => ! isset($kept['link '.$link->name()])));
        $mend = static function (Channel $state) use ($sound, $kept, $links): Channel {
            $end = $sound->wheelEnd;
            $state = isset($kept['ring']) ? $state : $state->withRing($end->ring);
            $state = isset($kept['gapMetres']) ? $state : $state->withGap($end->gapMetres);
            $state = isset($kept['tipDust']) ? $state : $state->withTipDust($end->tipDust);
            $state = isset($kept['bearingPlayMetres']) ? $state : $state->withBearingPlay($end->bearingPlayMetres);
            $state = isset($kept['tyreFactor']) ? $state : $state->withTyreFactor($end->tyreFactor);
            $state = isset($kept['tyreSoft']) ? $state : $state->withTyreSoft($end->tyreSoft);
            $state = isset($kept['sensor']) ? $state : $state->withSensor($sound->sensor);
            $state = isset($kept['input']) ? $state : $state->withInput($sound->moduleEnd->input);
            $state = isset($kept['port']) ? $state : $state->withPort($sound->moduleEnd->port);

            return array_reduce($links, static fn (Channel $one, Link $link): Channel => $one->withLink($link), $state);
        };

        return $this->combined($mend($channel->dormant()), $mend($channel->acting->channel ?? $channel->dormant()), $channel, $arrived);
    }

    /** @return array<string, true> names of the parts that were not as they should be, at rest or while provoked */
    private function cameInWrong(Channel $arrived, Channel $sound): array
    {
        $wrong = [];
        foreach ([$arrived->dormant(), ...($arrived->acting === null ? [] : [$arrived->acting->channel])] as $state) {
            $built = $sound->parts();
            foreach ($state->parts() as $part => $value) {
                if ($part !== 'links' && $part !== 'acting' && $value != $built[$part]) {
                    $wrong[$part] = true;
                }
            }
            foreach ($state->links as $place => $link) {
                if ($link != $sound->links[$place]) {
                    $wrong['link '.$link->name()] = true;
                }
            }
        }

        return $wrong;
    }

    private function combined(Channel $dormant, Channel $provoked, Channel $channel, Channel $arrived): Channel
    {
        $provocation = $channel->acting->provocation ?? $arrived->acting?->provocation;

        return $provocation === null ? $dormant : $dormant->actingAs($provoked, $provocation);
    }
}
