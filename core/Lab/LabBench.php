<?php

declare(strict_types=1);

namespace Lernfall\Lab;

use Lernfall\Bay\Car\Car;
use Lernfall\Fault\Catalogue;
use Lernfall\Fault\InvalidFault;
use Lernfall\Sensor\SensorKinds;
use Lernfall\Vehicle\Channel;
use Lernfall\Vehicle\Vehicle;

/**
 * The stand the lab's sensor is mounted on: a corner of one of the cars that carries its technology, with ring, gap,
 * temperature and load as set. So the lab computes with the very circuit the bay does.
 */
final readonly class LabBench
{
    /** @param  non-empty-list<Vehicle>  $vehicles */
    public function __construct(private array $vehicles, private Catalogue $catalogue)
    {
    }

    /** @return array<string, Channel> the corner that stands for a technology */
    public function corners(): array
    {
        $corners = array_fill_keys(SensorKinds::technologies(), null);
        foreach ($this->vehicles as $vehicle) {
            foreach ($vehicle->channels as $channel) {
                $corners[$channel->sensor->technology()] ??= $channel;
            }
        }

        return array_filter($corners);
    }

    /** @throws InvalidFault where the defect cannot be here, or not that strong */
    public function car(LabSetting $setting): Car
    {
        $corner = $this->corners()[$setting->technology];
        $vehicle = $this->vehicleOf($corner)->inSurroundingsOf($setting->celsius);
        $channel = $corner->withRing($corner->wheelEnd->ring->withTeeth($setting->teeth))->withGap($setting->gapMetres);
        $sound = $vehicle->withChannel($channel->withInput($channel->moduleEnd->input->loading($setting->inputOhms)));

        return Car::hypothesis(
            $setting->defect === '' ? $sound : $this->catalogue->fault($sound, $setting->defect, $corner->id, '', $setting->strength)->applyTo($sound),
            $sound,
        );
    }

    public function vehicleOf(Channel $corner): Vehicle
    {
        foreach ($this->vehicles as $vehicle) {
            if (in_array($corner, $vehicle->channels, true)) {
                return $vehicle;
            }
        }

        return $this->vehicles[0];
    }
}
