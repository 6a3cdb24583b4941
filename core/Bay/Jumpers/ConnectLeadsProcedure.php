<?php

declare(strict_types=1);

namespace Lernfall\Bay\Jumpers;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Car\ElectricalDamage;
use Lernfall\Bay\Contract\Action;
use Lernfall\Bay\Contract\ActionSchema;
use Lernfall\Bay\Contract\BaseCarProcedure;
use Lernfall\Bay\Contract\Branch;
use Lernfall\Bay\Contract\CarAction;
use Lernfall\Bay\Contract\JobInHand;
use Lernfall\Bay\Contract\Prediction;
use Lernfall\Bay\Contract\Refusal;
use Lernfall\Bay\Contract\Setting;
use Lernfall\Bay\Contract\UnfitAction;
use Lernfall\Bay\Probing\PadAccess;
use Lernfall\Bay\Probing\PadSettings;
use Lernfall\Bay\Workshop\Workshop;
use Lernfall\Circuit\ChannelNetlist;
use Lernfall\Circuit\JumperLead;
use Lernfall\Circuit\LiveCircuit;
use Lernfall\Circuit\UnitOrder;
use Lernfall\Document\Node;
use Lernfall\Vehicle\Pads;

/**
 * Puts jumper leads between pads.
 *
 * @extends BaseCarProcedure<ConnectLeads>
 */
final readonly class ConnectLeadsProcedure extends BaseCarProcedure
{
    private const MOST_LEADS = 4;

    /** A lead that carries more than this glows, and is pulled off at once. */
    private const GLOWS_FROM_AMPERES = 10.0;

    public function name(): string
    {
        return 'connect-leads';
    }

    public function tool(): string
    {
        return 'jumpers';
    }

    public function schema(): ActionSchema
    {
        return ActionSchema::of('Put jumper leads between pads, in place of those there were; none takes all off')
            ->with('leads', Setting::list(Setting::group(['first' => Setting::text(), 'second' => Setting::text()]), ['maxItems' => self::MOST_LEADS]));
    }

    public function example(): array
    {
        return ['leads' => [['first' => 'FR.sensor-plug.wheel.1', 'second' => 'FL.sensor-plug.module.1']]];
    }

    public function decode(Node $node): Action
    {
        return new ConnectLeads(array_values(array_map(static fn (Node $lead): array => [$lead->text('first'), $lead->text('second')], $node->entries('leads'))));
    }

    public function check(Action $action, JobInHand $job, Workshop $workshop): void
    {
        if (count($action->leads) > self::MOST_LEADS) {
            throw UnfitAction::outOfRange('leads', 0.0, self::MOST_LEADS);
        }
        foreach ($action->leads as [$first, $second]) {
            PadSettings::pair($job->sound(), $first, $second);
        }
    }

    public function reachesIn(CarAction $action): bool
    {
        return true;
    }

    public function predict(Car $car, CarAction $action, Workshop $workshop): array
    {
        if ($car->state->key->isRunning()) {
            return Branch::refused($car, Refusal::EngineRunning);
        }
        $jumpers = array_map(static fn (array $lead): JumperLead => new JumperLead(Pads::find($car->vehicle, $lead[0]), Pads::find($car->vehicle, $lead[1])), $action->leads);
        foreach ($jumpers as $lead) {
            if (! PadAccess::allows($car, $lead->first) || ! PadAccess::allows($car, $lead->second)) {
                return Branch::refused($car, Refusal::PadOutOfReach);
            }
        }
        $joined = $car->in($car->state->withConnections($car->state->connections->joinedBy($jumpers)));

        return $this->glows($joined) ? Branch::refused($car, Refusal::LeadGlows) : Branch::only(ElectricalDamage::done($joined), Prediction::of('done'));
    }

    /** Whether a lead lies across the battery, or across a supply that does not limit itself. */
    private function glows(Car $car): bool
    {
        $state = $car->electrical();
        foreach ($state->attached->jumpers as $lead) {
            $circuit = LiveCircuit::of($car->channels($lead->channels()), $state)->withBattery($state)->withFeed($car->vehicle->power->feed, $state, $car->state->isPowered(), false);
            if (in_array($lead, $state->attached->atUnit(), true)) {
                $circuit = $circuit->withUnit($car->vehicle->brakeParts, $car->unitWiring(), $state, new UnitOrder($car->feedsValves()), [], $car->vehicle->climate->ambientCelsius);
            }
            $volts = $circuit->solved()->voltsBetween(ChannelNetlist::nodeOf($lead->first), ChannelNetlist::nodeOf($lead->second));
            if (abs($volts) / $lead->ohms > self::GLOWS_FROM_AMPERES) {
                return true;
            }
        }

        return false;
    }
}
