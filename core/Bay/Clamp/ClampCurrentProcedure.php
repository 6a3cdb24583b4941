<?php

declare(strict_types=1);

namespace Lernfall\Bay\Clamp;

use Lernfall\Bay\Actuators\Meanwhile;
use Lernfall\Bay\Actuators\Strain;
use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Car\Standstill;
use Lernfall\Bay\Contract\Action;
use Lernfall\Bay\Contract\ActionSchema;
use Lernfall\Bay\Contract\BaseCarProcedure;
use Lernfall\Bay\Contract\Branch;
use Lernfall\Bay\Contract\CandidateTest;
use Lernfall\Bay\Contract\CarAction;
use Lernfall\Bay\Contract\JobInHand;
use Lernfall\Bay\Contract\Note;
use Lernfall\Bay\Contract\NumberFeature;
use Lernfall\Bay\Contract\Prediction;
use Lernfall\Bay\Contract\Refusal;
use Lernfall\Bay\Contract\Setting;
use Lernfall\Bay\Contract\SettingRange;
use Lernfall\Bay\Contract\UnfitAction;
use Lernfall\Bay\Lift\OnTheLift;
use Lernfall\Bay\Preliminaries\Before;
use Lernfall\Bay\Preliminaries\Pins;
use Lernfall\Bay\Probing\Probed;
use Lernfall\Bay\Workshop\Workshop;
use Lernfall\Circuit\ChannelNetlist;
use Lernfall\Circuit\UnitCircuit;
use Lernfall\Document\Node;
use Lernfall\Signal\Switching;
use Lernfall\Vehicle\BrakeParts;
use Lernfall\Vehicle\Channel;
use Lernfall\Vehicle\Pad;
use Lernfall\Vehicle\Pads;
use Lernfall\Vehicle\PadSide;
use Lernfall\Vehicle\UnknownPart;
use Lernfall\Vehicle\Vehicle;

/**
 * The current in one wire, by a clamp around it: nothing is opened and nothing is added to the circuit. It shows the
 * mean. Its arrow points along the wire to the wheel, in the module's own supply along the current, so that what flows
 * that way is positive.
 *
 * Common practice, no source: two wires of a pair in one clamp cancel each other, so a clamp needs a wire by itself.
 *
 * @extends BaseCarProcedure<ClampCurrent>
 */
final readonly class ClampCurrentProcedure extends BaseCarProcedure
{
    /** A clamp takes nothing out of the circuit; so much keeps the sums finite. */
    private const NO_LOAD_OHMS = 1e9;

    /** The range for sensors and for the supply of a module that only keeps awake, in amperes. */
    private const SMALL_RANGE = 2.0;

    /** The range for a pump motor. */
    private const LARGE_RANGE = 40.0;

    public function name(): string
    {
        return 'clamp-current';
    }

    public function observations(): array
    {
        return ['clamped'];
    }

    public function tool(): string
    {
        return 'clamp';
    }

    public function equipment(): array
    {
        return [CurrentClamp::class, OnTheLift::class];
    }

    public function schema(): ActionSchema
    {
        return ActionSchema::of('Read the current clamp around one wire')
            ->with('at', Setting::text('Pad behind which the wire leaves, for example FR.sensor-plug.module.1'))
            ->with('fullScale', Setting::number('Full scale of the range, in amperes', ['enum' => CurrentClamp::RANGES_AMPERES]))
            ->with('zeroed', Setting::bool('Set to zero beside the wire before it is closed round it'))
            ->orWith('alsoAt', Setting::list(Setting::text(), ['maxItems' => 4], 'Pads at the hydraulic unit whose wires lie in the clamp as well'))
            ->orWith('while', Meanwhile::setting());
    }

    public function example(): array
    {
        return ['at' => 'FR.sensor-plug.module.1', 'fullScale' => 2, 'zeroed' => true];
    }

    public function decode(Node $node): Action
    {
        return new ClampCurrent(
            $node->text('at'), $node->float('fullScale'), $node->bool('zeroed'),
            $node->has('alsoAt') ? $node->texts('alsoAt') : [],
            new Meanwhile($node->has('while') ? $node->texts('while') : []),
        );
    }

    public function check(Action $action, JobInHand $job, Workshop $workshop): void
    {
        try {
            Pads::find($job->sound(), $action->at);
        } catch (UnknownPart) {
            throw UnfitAction::unknown('at', $action->at);
        }
        $unit = Pads::ofUnit($job->sound());
        foreach ($action->alsoAt as $number => $pad) {
            SettingRange::known('alsoAt', $pad, in_array($action->at, $unit, true) ? array_values(array_diff($unit, [$action->at, ...array_slice($action->alsoAt, 0, $number)])) : []);
        }
        $action->meanwhile->check($job->sound());
        if (! $workshop->equipment(CurrentClamp::class)->hasRange($action->fullScale)) {
            throw UnfitAction::unknown('fullScale', (string) $action->fullScale);
        }
    }

    public function predict(Car $car, CarAction $action, Workshop $workshop): array
    {
        $pad = Pads::find($car->vehicle, $action->at);
        if (! $pad->isUnit() && self::section($car, $pad) === null) {
            return Branch::refused($car, Refusal::NoSingleWire);
        }
        $clamp = $workshop->equipment(CurrentClamp::class);
        $branches = [];
        foreach (Standstill::ways($car, Probed::channelsAt($car, $pad, $pad)) as [$weight, $state, $teeth]) {
            $there = $car->in($state);
            $branches[] = new Branch($weight, $there, Prediction::of('clamped', ['current' => $this->feature($there, $pad, $teeth, $clamp, $action)], self::notes($action)));
        }

        return (new Strain($workshop->equipment(OnTheLift::class)))->during($car, $action->meanwhile, $branches);
    }

    public function candidateTests(Vehicle $vehicle, Channel $channel): array
    {
        return Switching::isActive($channel)
            ? [CandidateTest::further('clamp-first-wire', Before::keyOn(), [new ClampCurrent(Pins::ofLoom($channel, 0), self::SMALL_RANGE, true)], ['current'])]
            : [];
    }

    public function candidateTestsOfTheWholeCar(Vehicle $vehicle): array
    {
        $feed = CandidateTest::further('clamp-feed', Before::keyOn(), [new ClampCurrent(Pads::FEED[3], self::SMALL_RANGE, true)], ['current'])->ofTheWholeCar();
        if ($vehicle->brakeParts->unit === null) {
            return [$feed];
        }

        return [$feed, CandidateTest::further(
            'clamp-motor', Before::keyOn(), [new ClampCurrent(UnitCircuit::MOTOR, self::LARGE_RANGE, true, meanwhile: new Meanwhile([BrakeParts::PUMP]))], ['current'],
        )->ofTheUnit()];
    }

    /** @return list<Note> */
    private static function notes(ClampCurrent $action): array
    {
        return [...($action->alsoAt === [] ? [] : [Note::ClampRoundTwoWires]), ...($action->zeroed ? [] : [Note::ClampNotZeroed])];
    }

    /** @param  array<string, bool>  $teeth */
    private function feature(Car $car, Pad $pad, array $teeth, CurrentClamp $clamp, ClampCurrent $action): NumberFeature
    {
        $amperes = $this->amperes($car, $pad, $teeth, $clamp, $action);
        if (abs($amperes) > $action->fullScale) {
            return NumberFeature::overload('amperes');
        }
        $sensitivities = [];
        foreach ($car->isHypothesis() ? $this->deviations($car, $pad, $action) : [] as $name) {
            $change = $this->amperes($car->shifted($name), $pad, $teeth, $clamp, $action) - $amperes;
            if (abs($change) > $clamp->digitAmperes($action) * 0.01) {
                $sensitivities[$name] = $change;
            }
        }

        return NumberFeature::reading('amperes', $amperes, $clamp->digitAmperes($action), $clamp->noiseAmperes($action), $sensitivities);
    }

    /** @return list<string> */
    private function deviations(Car $car, Pad $pad, ClampCurrent $action): array
    {
        $names = ['clamp.scale', 'clamp.zero', ...($pad->isUnit() ? array_map($car->windingDeviation(...), (new UnitCurrent($car))->windings($action)) : [])];
        foreach (Probed::channelsAt($car, $pad, $pad) as $id) {
            array_push($names, ...$car->deviationsOf($id));
        }

        return $names;
    }

    /** @param  array<string, bool>  $teeth */
    private function amperes(Car $car, Pad $pad, array $teeth, CurrentClamp $clamp, ClampCurrent $action): float
    {
        $flows = $pad->isUnit() ? (new UnitCurrent($car))->amperes($action) : $this->sensed($car, $pad, $teeth);

        return $flows * (1.0 + $clamp->scaleSpread() * $car->deviations->standard('clamp.scale'))
            + $clamp->driftAmperes($action) * $car->deviations->standard('clamp.zero');
    }

    /** @param  array<string, bool>  $teeth */
    private function sensed(Car $car, Pad $pad, array $teeth): float
    {
        [$from, $to, $ohms] = self::section($car, $pad) ?? [$pad, $pad, INF];

        return is_finite($ohms) ? (new Probed($car, $from, $to, $teeth))->meanVolts(self::NO_LOAD_OHMS) / $ohms : 0.0;
    }

    /**
     * A stretch of the wire behind a pad, in the direction of the arrow.
     *
     * @return ?array{Pad, Pad, float} from, to, ohms between them, infinite where nothing can flow; null where no wire runs by itself
     */
    private static function section(Car $car, Pad $pad): ?array
    {
        if (! $pad->onPlug) {
            return self::feedSection($car, $pad);
        }
        $wire = ChannelNetlist::wireAt($car->channel($pad->channel), $pad);
        if ($wire === null) {
            return null;
        }
        $inside = Pad::fixed($wire[0]);

        return $pad->side === PadSide::Wheel ? [$pad, $inside, $wire[1]] : [$inside, $pad, $wire[1]];
    }

    /** @return ?array{Pad, Pad, float} */
    private static function feedSection(Car $car, Pad $pad): ?array
    {
        $feed = $car->vehicle->power->feed;
        [$fuseIn, $fuseOut, $relayOut, $supply, $ground] = array_map(Pad::fixed(...), Pads::FEED);

        return match ($pad->id) {
            $fuseIn->id => [Pad::fixed(Pads::BATTERY_POSITIVE), $fuseIn, $feed->resistances->wireOhms],
            $fuseOut->id => [$fuseOut, $relayOut, $car->state->isPowered() ? $feed->faults->relayOhms ?? $feed->resistances->contactOhms : INF],
            $relayOut->id, $supply->id => [$relayOut, $supply, $feed->resistances->wireOhms],
            $ground->id => [$ground, Pad::fixed(Pads::BODY), $feed->resistances->groundOhms + ($feed->faults->rustOhms ?? 0.0)],
            default => null,
        };
    }
}
