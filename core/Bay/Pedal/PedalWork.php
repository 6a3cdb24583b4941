<?php

declare(strict_types=1);

namespace Lernfall\Bay\Pedal;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Car\Memo;
use Lernfall\Bay\Contract\CategoryFeature;
use Lernfall\Chance\NearLimit;
use Lernfall\Hydraulics\BrakeState;
use Lernfall\Hydraulics\Pedal;
use Lernfall\Hydraulics\PedalTravel;
use Lernfall\Vehicle\Brakes\BrakeUnit;

/** What a foot feels at the pedal of a car, held against what the same car gives as it was built. */
final readonly class PedalWork
{
    public function __construct(private Car $car, private Foot $foot)
    {
    }

    /** @param  bool  $isPumped  in quick succession before */
    public function pressed(bool $isPumped = false): PedalTravel
    {
        return $this->travel($this->car->vehicle->unit(), $isPumped, $this->car->state->lasting->accumulatedCubicCentimetres);
    }

    /** @return array{height: CategoryFeature, feel: CategoryFeature, steady: CategoryFeature} */
    public function told(PedalTravel $felt): array
    {
        $usual = $this->travel($this->car->sound->unit(), false, []);
        $foot = $this->foot;
        $low = NearLimit::above($felt->lightCentimetres - $usual->lightCentimetres, $foot->lowFromCentimetres, $foot->spread);
        $high = NearLimit::above($usual->lightCentimetres - $felt->lightCentimetres, $foot->highFromCentimetres, $foot->spread);

        return [
            'height' => new CategoryFeature(['goes-low' => $low, 'stays-high' => $high, 'usual-height' => 1.0 - $low - $high]),
            'feel' => CategoryFeature::either('feels-soft', NearLimit::above($felt->givesCentimetres() - $usual->givesCentimetres(), $foot->softFromCentimetres, $foot->spread), 'feels-firm'),
            'steady' => CategoryFeature::either('sinks-slowly', NearLimit::above($felt->sinksCentimetres(), $foot->sinksFromCentimetres, $foot->spread), 'stays-down'),
        ];
    }

    /** Whether it goes low, gives way or sinks: nobody drives such a car. */
    public function isDoubtful(): bool
    {
        return array_intersect(['goes-low', 'feels-soft', 'sinks-slowly'], array_map(static fn (CategoryFeature $one): string => $one->likeliest(), $this->told($this->pressed()))) !== [];
    }

    /** @param  array<string, float>  $full  cubic centimetres in the accumulators, by circuit */
    private function travel(BrakeUnit $unit, bool $isPumped, array $full): PedalTravel
    {
        $isAssisted = $this->car->state->key->isRunning();
        $foot = $this->foot;

        return Memo::with($unit, 'pedal '.serialize($foot).(int) $isAssisted.(int) $isPumped.json_encode($full), static function () use ($unit, $foot, $isAssisted, $isPumped, $full): PedalTravel {
            $pedal = new Pedal($isAssisted ? $unit->master : $unit->master->withAssistance(1.0), $unit->hydraulics);
            $rest = BrakeState::atRest($unit->hydraulics)->with($full);

            return $pedal->pressed($foot->lightNewtons, $foot->firmNewtons, $foot->holdSeconds, $isPumped ? $pedal->pumped($foot->firmNewtons, $rest) : $rest);
        });
    }
}
