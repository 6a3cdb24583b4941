<?php

declare(strict_types=1);

namespace Lernfall\Bay\Driving;

use Lernfall\Bay\Car\Car;
use Lernfall\Chance\Deviations;
use Lernfall\Drive\HubWarming;
use Lernfall\Drive\Journey;
use Lernfall\Module\Failure;

/** Whether a fault that comes and goes acts on a drive. It is drawn anew for every drive, whatever is watched on it. */
final readonly class Intermittence
{
    /** How readily a provoked fault acts on a drive that provokes it. */
    private const READINESS = [
        'steering-left' => 0.85, 'steering-right' => 0.85, 'wiggle-cable' => 0.7, 'wiggle-sensor-plug' => 0.6, 'wiggle-loom' => 0.6,
        'wiggle-module-plug' => 0.5, 'heat' => 0.7, 'wet' => 0.05, 'vibration' => 0.9, 'bumps' => 0.8,
    ];

    private const READINESS_SPREAD = 0.15;

    private function __construct(public string $event, public float $chance)
    {
    }

    /**
     * @param  ?bool  $acts  whether it acts at any rate; null leaves it to the drive and to chance
     * @return ?self null where nothing on this channel can come and go on this drive
     */
    public static function at(Car $car, string $channel, Journey $route, ?bool $acts = null): ?self
    {
        $provocation = $car->vehicle->channel($channel)->acting?->provocation;
        if ($provocation === null || $acts === false || $acts === null && ! $route->provokes($provocation, HubWarming::from($car->vehicle->climate, $car->state->lasting->warmth->hubRiseKelvin))) {
            return null;
        }
        $readiness = self::READINESS[$provocation->value] + self::READINESS_SPREAD * $car->deviations->standard($channel.Deviations::READINESS);
        $event = "$channel/".Failure::Erratic->value.'/acts@'.$car->state->record->drives;

        return new self($event, $acts === true ? 1.0 : $car->deviations->chance($event, max(0.0, min(1.0, $readiness))));
    }
}
