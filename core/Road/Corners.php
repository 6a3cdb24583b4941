<?php

declare(strict_types=1);

namespace Lernfall\Road;

use Lernfall\Vehicle\Channel;
use Lernfall\Vehicle\Vehicle;

/** Which channels are the four wheels of a car: front left, front right, rear left, rear right. */
final readonly class Corners
{
    private const PLACES = [['front', 'left'], ['front', 'right'], ['rear', 'left'], ['rear', 'right']];

    /** @param  list<string>  $ids  of its channels, in this order */
    private function __construct(public array $ids)
    {
    }

    /** Null where it has not just these four, or nothing is known of it as a mass on wheels or of its brakes: such a car is not braked here. */
    public static function of(Vehicle $vehicle): ?self
    {
        $ids = [];
        foreach (self::PLACES as [$axle, $side]) {
            foreach ($vehicle->channels as $channel) {
                if ($channel->place->axle === $axle && $channel->place->side === $side) {
                    $ids[] = $channel->id;
                }
            }
        }
        $isKnown = $vehicle->model->build->chassis !== null && $vehicle->brakeParts->unit !== null;

        return $isKnown && count($ids) === count(self::PLACES) && count($vehicle->channels) === count(self::PLACES) ? new self($ids) : null;
    }

    /** @return list<Channel> */
    public function channels(Vehicle $vehicle): array
    {
        return array_map($vehicle->channel(...), $this->ids);
    }

    /** @return list<float> rolling radii, by wheel */
    public function radiiMetres(Vehicle $vehicle): array
    {
        return array_map(static fn (string $id): float => $vehicle->tyre->rollingCircumferenceMetres() * $vehicle->channel($id)->wheelEnd->rollingFactor() / (2.0 * M_PI), $this->ids);
    }

    /** The left wheel of an axle; the right one is the next. Null where it is none of these. */
    public static function leftOf(string $axle): ?int
    {
        return match ($axle) {
            'front' => 0,
            'rear' => 2,
            default => null,
        };
    }
}
