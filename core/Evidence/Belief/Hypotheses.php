<?php

declare(strict_types=1);

namespace Lernfall\Evidence\Belief;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Car\Ignition;
use Lernfall\Bay\Contract\Branch;
use Lernfall\Bay\Contract\CategoryFeature;
use Lernfall\Bay\Contract\Simulator;
use Lernfall\Bay\Job\CustomerHistory;
use Lernfall\Bay\Job\FaultCase;
use Lernfall\Bay\Key\TurnKey;
use Lernfall\Bay\Lamps\LookAtLamps;
use Lernfall\Chance\Deviations;
use Lernfall\Fault\Catalogue;
use Lernfall\Fault\CatalogueEntry;
use Lernfall\Fault\Fault;
use Lernfall\Vehicle\Vehicle;

/**
 * Every car that could be standing there: each fault of the catalogue at each place in concrete strengths, forms of them
 * that come and go, an old code left over, the sound car, and the pairs that a case or the catalogue names.
 */
final readonly class Hypotheses
{
    /** The chance that a customer tells of a lamp that was lit, and that one tells of a lamp that never was. */
    private const TELLS = [0.97, 0.04];

    /** @param  non-empty-list<Hypothesis>  $all  the sound car first */
    private function __construct(public array $all)
    {
    }

    public static function of(FaultCase $case, CaseKnowledge $knowledge, Catalogue $catalogue, Weighing $weighing, Simulator $simulator): self
    {
        $all = [self::sound($case->sound, $weighing, $knowledge)];
        foreach ($catalogue->entries as $entry) {
            $factor = $knowledge->priorFactors[$entry->kind->id] ?? 1.0;
            foreach (self::formsOf($entry, $case->sound, $weighing) as [$fault, $share]) {
                foreach (self::cars([$fault], $case->sound, $weighing) as [$suffix, $weight, $car]) {
                    $all[] = new Hypothesis($fault->key().$suffix, [$fault], $entry->prior * $factor * $share * $weight, count(array_unique($entry->strengths)) > 1, $car);
                }
            }
        }
        foreach (self::pairs($case, $knowledge, $catalogue, $weighing) as $key => [$faults, $prior]) {
            foreach (self::cars($faults, $case->sound, $weighing) as [$suffix, $weight, $car]) {
                $all[] = new Hypothesis($key.$suffix, $faults, $prior * $weight, true, $car);
            }
        }

        return (new self($all))->told($knowledge->lampTold, $simulator);
    }

    /** Just these, the sound car first: for examples worked by hand. */
    public static function listed(Hypothesis $sound, Hypothesis ...$others): self
    {
        return new self([$sound, ...array_values($others)]);
    }

    /**
     * The sound car, and those with one fault at one of these places in the form its kind usually has.
     *
     * @param  list<string>  $places
     */
    public function aloneAt(array $places): self
    {
        return new self([$this->all[0], ...array_values(array_filter(
            $this->all,
            static fn (Hypothesis $one): bool => count($one->faults) === 1 && in_array($one->faults[0]->channel, $places, true) && $one->faults[0]->provokedBy === $one->faults[0]->kind->nature,
        ))]);
    }

    public function count(): int
    {
        return count($this->all);
    }

    private static function sound(Vehicle $sound, Weighing $weighing, CaseKnowledge $knowledge): Hypothesis
    {
        return new Hypothesis('nothing', [], $weighing->priors->soundPrior * ($knowledge->priorFactors['nothing'] ?? 1.0), false, CustomerHistory::of(Car::hypothesis($sound, $sound)));
    }

    /** @return list<array{Fault, float}> every form of a kind at every place, with its share of the kind's prior at that place */
    private static function formsOf(CatalogueEntry $entry, Vehicle $vehicle, Weighing $weighing): array
    {
        $forms = [];
        $others = $weighing->priors->comesAndGoes[$entry->kind->id] ?? [];
        $strengths = array_values(array_unique($entry->strengths));
        $always = $others === [] ? 1.0 : 1.0 - $weighing->priors->comesAndGoesShare;
        foreach ($entry->kind->places($vehicle) as $place) {
            $conductors = $entry->kind->onConductor ? array_map(static fn ($one): string => $one->id, $vehicle->channel($place)->conductors) : [''];
            foreach ($conductors as $conductor) {
                foreach ($strengths as $strength) {
                    $forms[] = [new Fault($entry->kind, $place, $conductor, $strength, $entry->kind->nature), $always / count($conductors) / count($strengths)];
                }
                foreach ($others as $provocation) {
                    $forms[] = [new Fault($entry->kind, $place, $conductor, $strengths[count($strengths) - 1], $provocation), $weighing->priors->comesAndGoesShare / count($conductors) / count($others)];
                }
            }
        }

        return $forms;
    }

    /**
     * What comes and goes may do so more or less readily: one car for each readiness.
     *
     * @param  list<Fault>  $faults
     * @return list<array{string, float, Car}> suffix of the key, share, the car as it comes in
     */
    private static function cars(array $faults, Vehicle $sound, Weighing $weighing): array
    {
        $vehicle = $sound;
        foreach ($faults as $fault) {
            $vehicle = $fault->applyTo($vehicle);
        }
        $car = Car::hypothesis($vehicle, $sound);
        $intermittent = array_values(array_filter($faults, static fn (Fault $fault): bool => $fault->provokedBy !== null));
        if ($intermittent === [] || $intermittent[0]->provokedBy !== $intermittent[0]->kind->nature) {
            return [['', 1.0, CustomerHistory::of($car)]]; // forms rare enough for one readiness
        }
        $cars = [];
        foreach ($weighing->scatter->readiness as $off => $share) {
            $cars[] = ["~$off", $share, CustomerHistory::of($car->shifted($intermittent[0]->channel.Deviations::READINESS, (float) $off))];
        }

        return $cars;
    }

    /** @return array<string, array{list<Fault>, float}> pairs with their priors, by key; those a case names prevail */
    private static function pairs(FaultCase $case, CaseKnowledge $knowledge, Catalogue $catalogue, Weighing $weighing): array
    {
        $pairs = [];
        foreach ($weighing->priors->commonPairs as [$one, $other]) {
            foreach (array_intersect($catalogue->entry($one)->kind->places($case->sound), $catalogue->entry($other)->kind->places($case->sound)) as $place) {
                $conductor = static fn (string $kind): string => $catalogue->entry($kind)->kind->onConductor ? $case->sound->channel($place)->conductors[0]->id : '';
                $faults = [$catalogue->fault($case->sound, $one, $place, $conductor($one)), $catalogue->fault($case->sound, $other, $place, $conductor($other))];
                $pairs[self::pairKey($faults)] = [$faults, $weighing->priors->pairPrior];
            }
        }
        foreach ($knowledge->pairs as $faults) {
            $pairs[self::pairKey($faults)] = [$faults, $weighing->priors->namedPairPrior];
        }

        return $pairs + PairsAt::of($case, $catalogue, $weighing);
    }

    /** @param  list<Fault>  $faults */
    public static function pairKey(array $faults): string
    {
        return implode('+', array_map(static fn (Fault $fault): string => $fault->key(), $faults));
    }

    /** Shifted by what the complaint tells of a warning lamp. */
    private function told(?bool $lamp, Simulator $simulator): self
    {
        if ($lamp === null) {
            return $this;
        }

        return new self(array_map(static function (Hypothesis $hypothesis) use ($lamp, $simulator): Hypothesis {
            $tells = self::TELLS[self::hasWarned($hypothesis->car, $simulator) ? 0 : 1];

            return new Hypothesis($hypothesis->key, $hypothesis->faults, $hypothesis->prior * ($lamp ? $tells : 1.0 - $tells), $hypothesis->graded, $hypothesis->car);
        }, $this->all));
    }

    /** Whether its driver has seen a warning lamp: some code was stored, or a lamp other than the red one stays on once the engine runs. */
    public static function hasWarned(Car $car, Simulator $simulator): bool
    {
        if (! $car->state->memory->isEmpty()) {
            return true;
        }
        $running = Branch::likeliest($simulator->predict($car, new TurnKey(Ignition::Running)))->car;
        foreach (Branch::likeliest($simulator->predict($running, new LookAtLamps))->prediction->features as $name => $feature) {
            if ($feature instanceof CategoryFeature && in_array($name, $car->vehicle->model->lamps, true) && $feature->likeliest() !== 'off') {
                return true;
            }
        }

        return false;
    }
}
