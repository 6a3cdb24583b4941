<?php

declare(strict_types=1);

namespace Lernfall\Bay\BenchSupply;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Car\ElectricalDamage;
use Lernfall\Bay\Car\Standstill;
use Lernfall\Bay\Contract\Branch;
use Lernfall\Bay\Contract\CategoryFeature;
use Lernfall\Bay\Contract\NumberFeature;
use Lernfall\Bay\Contract\Prediction;
use Lernfall\Bay\Contract\Refusal;
use Lernfall\Circuit\BenchElement;
use Lernfall\Circuit\BenchSupply;
use Lernfall\Circuit\ElectricalState;
use Lernfall\Circuit\LiveCircuit;
use Lernfall\Circuit\SolvedCircuit;

/** The bench supply on an unplugged sensor: what it holds and delivers. */
final readonly class SupplyWork
{
    private const STEP_VOLTS = 0.01;

    private const STEP_AMPERES = 0.0001;

    /** @param  float  $benchLoadOhms  in the return of a two-wire sensor */
    public function __construct(private float $benchLoadOhms)
    {
    }

    /**
     * The bench supply shows what it holds and delivers, at whatever level the sensor happens to rest.
     *
     * @return non-empty-list<Branch>
     */
    public function feed(Car $car, FeedSensor $feed): array
    {
        $connections = $car->state->connections;
        if ($feed->volts <= 0.0) {
            return Branch::only($car->in($car->state->withConnections($connections->fedBy(null))), Prediction::of('done'));
        }
        $plug = $car->vehicle->channel($feed->channel)->plugs()[0];
        if (! $car->state->isOpen($plug->plugId)) {
            return Branch::refused($car, Refusal::PlugJoined);
        }
        $supply = new BenchSupply($feed->channel, $feed->volts, $feed->limitAmperes, $feed->reversed, $this->benchLoadOhms, $feed->leads?->on($car->vehicle));
        $fed = ElectricalDamage::done($car->in($car->state->withConnections($connections->fedBy($supply, $plug->plugId))));
        $branches = [];
        foreach (Standstill::ways($fed, [$feed->channel]) as [$weight, $state, $teeth]) {
            $branches[] = new Branch($weight, $fed->in($state), $this->display($fed, $supply, $teeth));
        }

        return $branches;
    }

    /** @param  array<string, bool>  $teeth */
    private function display(Car $car, BenchSupply $supply, array $teeth): Prediction
    {
        $channels = $car->channels([$supply->channel]);
        $states = array_map(static fn (bool $tooth): int => (int) $tooth, $teeth);
        $solved = static fn (ElectricalState $state): SolvedCircuit => LiveCircuit::of($channels, $state, $states)->solved();
        $state = $car->electrical();
        $held = BenchElement::settled($supply, static fn (BenchSupply $one): SolvedCircuit => $solved($state->withBench($one)));
        $circuit = $solved($state->withBench($held));

        return Prediction::of('bench-supply', [
            'volts' => NumberFeature::reading('volts', $circuit->voltsBetween(BenchSupply::POSITIVE, BenchSupply::NEGATIVE), self::STEP_VOLTS, self::STEP_VOLTS / 4.0, [], false),
            'amperes' => NumberFeature::reading('amperes', max(0.0, BenchElement::amperes($circuit, $held)), self::STEP_AMPERES, self::STEP_AMPERES / 4.0, $this->partSpread($car, $supply, $circuit, $held), false),
            'holds' => CategoryFeature::certain($held->volts < $supply->volts ? 'current' : 'voltage'),
        ]);
    }

    /**
     * Sound sensors of one kind differ in what they take.
     *
     * @return array<string, float>
     */
    private function partSpread(Car $car, BenchSupply $supply, SolvedCircuit $circuit, BenchSupply $held): array
    {
        $name = $car->deviation("{$car->state->sensorOf($supply->channel)}.coil.resistance");

        return $car->isHypothesis() ? [$name => $car->vehicle->model->tolerances->sensor * BenchElement::amperes($circuit, $held)] : [];
    }
}
