<?php

declare(strict_types=1);

namespace Lernfall\Bay\BenchSupply;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Car\Connections;
use Lernfall\Bay\Car\ElectricalDamage;
use Lernfall\Bay\Car\Standstill;
use Lernfall\Bay\Contract\Branch;
use Lernfall\Bay\Contract\CategoryFeature;
use Lernfall\Bay\Contract\NumberFeature;
use Lernfall\Bay\Contract\Prediction;
use Lernfall\Bay\Generator\Inject;
use Lernfall\Bay\Jumpers\ConnectLeads;
use Lernfall\Bay\Probing\PadAccess;
use Lernfall\Circuit\BenchElement;
use Lernfall\Circuit\BenchSupply;
use Lernfall\Circuit\ChannelNetlist;
use Lernfall\Circuit\ElectricalState;
use Lernfall\Circuit\Injection;
use Lernfall\Circuit\JumperLead;
use Lernfall\Circuit\LiveCircuit;
use Lernfall\Circuit\SolvedCircuit;
use Lernfall\Vehicle\Pads;

/** What is clipped to the car from outside: jumper leads, a generator, the bench supply, a breakout lead. */
final readonly class LeadWork
{
    /** A lead that carries more than this glows, and is pulled off at once. */
    private const GLOWS_FROM_AMPERES = 10.0;

    private const SUPPLY_STEP_VOLTS = 0.01;

    private const SUPPLY_STEP_AMPERES = 0.0001;

    public function __construct(private float $benchLoadOhms)
    {
    }

    /** @return list<Branch> */
    public function jumper(Car $car, ConnectLeads $connect): array
    {
        if ($car->state->key->isRunning()) {
            return Branch::refused($car, 'engine-running');
        }
        $jumpers = array_map(static fn (array $lead): JumperLead => new JumperLead(Pads::find($car->vehicle, $lead[0]), Pads::find($car->vehicle, $lead[1])), $connect->leads);
        foreach ($jumpers as $lead) {
            if (! PadAccess::allows($car, $lead->first) || ! PadAccess::allows($car, $lead->second)) {
                return Branch::refused($car, 'pad-out-of-reach');
            }
        }
        $joined = $this->with($car, $car->state->connections->joinedBy($jumpers));

        return $this->glows($joined) ? Branch::refused($car, 'lead-glows') : Branch::only(ElectricalDamage::done($joined), Prediction::of('done'));
    }

    /** @return list<Branch> */
    public function breakout(Car $car, bool $fitted): array
    {
        $notes = $car->state->isPowered() ? ['module-plug-live'] : [];

        return Branch::only($this->with($car, $car->state->connections->broughtOut($fitted)), Prediction::of('done', [], $notes));
    }

    /** @return list<Branch> */
    public function inject(Car $car, Inject $inject): array
    {
        $connections = $car->state->connections;
        if ($inject->hertz <= 0.0) {
            return Branch::only($this->with($car, $connections->with(null)), Prediction::of('done'));
        }
        $injection = new Injection($inject->channel, $inject->shape->value, $inject->hertz, $inject->amplitude, $inject->at);

        return match (true) {
            ! $car->state->isOpen($car->vehicle->channel($inject->channel)->plugs()[0]->plugId) => Branch::refused($car, 'plug-joined'),
            $car->state->key->isRunning() => Branch::refused($car, 'engine-running'),
            default => Branch::only($this->with($car, $connections->with($injection)), Prediction::of('done')),
        };
    }

    /**
     * The bench supply shows what it holds and delivers, at whatever level the sensor happens to rest.
     *
     * @return list<Branch>
     */
    public function feed(Car $car, FeedSensor $feed): array
    {
        $connections = $car->state->connections;
        if ($feed->volts <= 0.0) {
            return Branch::only($this->with($car, $connections->fedBy(null)), Prediction::of('done'));
        }
        if (! $car->state->isOpen($car->vehicle->channel($feed->channel)->plugs()[0]->plugId)) {
            return Branch::refused($car, 'plug-joined');
        }
        $supply = new BenchSupply($feed->channel, $feed->volts, $feed->limitAmperes, $feed->reversed, $this->benchLoadOhms);
        $fed = ElectricalDamage::done($this->with($car, $connections->fedBy($supply)));
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
        $solved = static fn (ElectricalState $state): SolvedCircuit => LiveCircuit::of($channels, $state, $teeth)->solved();
        $state = $car->electrical();
        $held = BenchElement::settled($supply, static fn (BenchSupply $one): SolvedCircuit => $solved($state->withBench($one)));
        $circuit = $solved($state->withBench($held));

        return Prediction::of('bench-supply', [
            'volts' => NumberFeature::reading('volts', $circuit->voltsBetween(BenchSupply::POSITIVE, BenchSupply::NEGATIVE), self::SUPPLY_STEP_VOLTS, self::SUPPLY_STEP_VOLTS / 4.0, [], false),
            'amperes' => NumberFeature::reading('amperes', max(0.0, BenchElement::amperes($circuit, $held)), self::SUPPLY_STEP_AMPERES, self::SUPPLY_STEP_AMPERES / 4.0, $this->partSpread($car, $supply, $circuit, $held), false),
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

        return $car->isHypothesis() ? [$name => $car->vehicle->tolerances->sensor * BenchElement::amperes($circuit, $held)] : [];
    }

    private function with(Car $car, Connections $connections): Car
    {
        return $car->in($car->state->withConnections($connections));
    }

    /** Whether a lead lies across the battery, or across a supply that does not limit itself. */
    private function glows(Car $car): bool
    {
        $state = $car->electrical();
        foreach ($state->jumpers as $lead) {
            $circuit = LiveCircuit::of($car->channels($lead->channels()), $state)->withBattery($state)->withFeed($car->vehicle->feed, $state, $car->state->isPowered(), false);
            $volts = $circuit->solved()->voltsBetween(ChannelNetlist::nodeOf($lead->first), ChannelNetlist::nodeOf($lead->second));
            if (abs($volts) / JumperLead::OHMS > self::GLOWS_FROM_AMPERES) {
                return true;
            }
        }

        return false;
    }
}
