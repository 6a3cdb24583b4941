<?php

declare(strict_types=1);

namespace Lernfall\Bay\Rollers;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Car\Memo;
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
use Lernfall\Bay\Pedal\Foot;
use Lernfall\Bay\Pedal\PedalWork;
use Lernfall\Bay\Preliminaries\Before;
use Lernfall\Bay\Workshop\Workshop;
use Lernfall\Document\Node;
use Lernfall\Hydraulics\RollerBench;
use Lernfall\Hydraulics\WheelForce;
use Lernfall\Vehicle\Vehicle;

/**
 * An axle on the roller bench: what each wheel brakes with the pedal free, as the pedal has just come down, and after it has been held, and by how much
 * that swings with every turn.
 *
 * The engine idles: without it the assistance is gone and the steering may lock. Common practice, no source.
 *
 * @extends BaseCarProcedure<BrakeOnRollers>
 */
final readonly class BrakeOnRollersProcedure extends BaseCarProcedure
{
    private const AXLES = ['front', 'rear'];

    public function name(): string
    {
        return 'brake-on-rollers';
    }

    public function observations(): array
    {
        return ['rolled'];
    }

    public function tool(): string
    {
        return 'roller-bench';
    }

    public function equipment(): array
    {
        return [Rollers::class, Foot::class];
    }

    public function schema(): ActionSchema
    {
        return ActionSchema::of('Brake an axle on the roller bench')
            ->with('axle', Setting::words(self::AXLES));
    }

    public function example(): array
    {
        return ['axle' => 'front'];
    }

    public function decode(Node $node): Action
    {
        return new BrakeOnRollers($node->text('axle'));
    }

    public function check(Action $action, JobInHand $job, Workshop $workshop): void
    {
        if ($job->sound()->brakeParts->unit === null) {
            throw UnfitAction::notOnThisCar();
        }
        SettingRange::known('axle', $action->axle, self::axles($job->sound()));
    }

    public function predict(Car $car, CarAction $action, Workshop $workshop): array
    {
        if ($car->state->lift->raised) {
            return Branch::refused($car, Refusal::Raised);
        }
        if ($car->state->lift->chocked) {
            return Branch::refused($car, Refusal::ChocksIn);
        }
        if (! $car->state->key->isRunning()) {
            return Branch::refused($car, Refusal::EngineOff);
        }
        $rollers = $workshop->equipment(Rollers::class);
        $features = [];
        foreach ($this->forces($car, $rollers) as $channel => $force) {
            if ($car->vehicle->channel($channel)->place->axle === $action->axle) {
                $features["$channel.free"] = $this->reading($car, $rollers, $channel, $force->freeNewtons, false);
                $features["$channel.pressed"] = $this->reading($car, $rollers, $channel, $force->pressedNewtons, true);
                $features["$channel.held"] = $this->reading($car, $rollers, $channel, $force->heldNewtons, true);
                $features["$channel.swing"] = $this->reading($car, $rollers, $channel, $force->swingNewtons, false);
            }
        }

        $doubts = (new PedalWork($car, $workshop->equipment(Foot::class)))->isDoubtful() ? [Note::RollersOnDoubtfulPedal] : [];

        return Branch::only($car->in($car->state->rolled()), Prediction::of('rolled', $features, $doubts));
    }

    public function candidateTestsOfTheWholeCar(Vehicle $vehicle): array
    {
        return $vehicle->brakeParts->unit === null ? [] : array_map(
            static fn (string $axle): CandidateTest => CandidateTest::usual("rollers-$axle", Before::running(), new BrakeOnRollers($axle), self::numbers($vehicle, $axle))->ofTheUnit(),
            self::axles($vehicle),
        );
    }

    /** @return list<string> what is read at the wheels of an axle */
    private static function numbers(Vehicle $vehicle, string $axle): array
    {
        $there = array_filter(array_map(strval(...), array_keys($vehicle->unit()->hydraulics->wheels)), static fn (string $channel): bool => $vehicle->channel($channel)->place->axle === $axle);

        return array_merge([], ...array_map(static fn (string $channel): array => ["$channel.free", "$channel.pressed", "$channel.held", "$channel.swing"], array_values($there)));
    }

    /** @return list<string> */
    private static function axles(Vehicle $vehicle): array
    {
        $there = array_map(static fn (string $channel): string => $vehicle->channel($channel)->place->axle, array_map(strval(...), array_keys($vehicle->unit()->hydraulics->wheels)));

        return array_values(array_intersect(self::AXLES, $there));
    }

    /** @return array<string, WheelForce> */
    private function forces(Car $car, Rollers $rollers): array
    {
        $unit = $car->vehicle->unit();
        $radius = $car->vehicle->tyre->rollingCircumferenceMetres() / (2.0 * M_PI);

        return Memo::with($unit, "rollers $radius ".serialize($rollers), static fn (): array => (new RollerBench($radius, $rollers->pressSeconds, $rollers->holdSeconds))
            ->forces($unit->hydraulics, $unit->master->bar($rollers->footNewtons)));
    }

    private function reading(Car $car, Rollers $rollers, string $channel, float $newtons, bool $isBraking): NumberFeature
    {
        $name = $car->deviation("unit.$channel.linings");
        $spread = $isBraking ? $rollers->frictionSpread * $newtons : 0.0;

        return NumberFeature::reading(
            'newtons', $newtons + $spread * $car->deviations->standard($name), $rollers->digitNewtons, $rollers->noiseNewtons,
            $car->isHypothesis() && $spread > $rollers->digitNewtons * 0.01 ? [$name => $spread] : [], false,
        );
    }
}
