<?php

declare(strict_types=1);

namespace Lernfall\Evidence\Belief;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Contract\Simulator;
use Lernfall\Bay\Job\CustomerHistory;
use Lernfall\Chance\Deviations;
use Lernfall\Fault\Catalogue;
use Lernfall\Fault\CatalogueEntry;
use Lernfall\Fault\Fault;
use Lernfall\Vehicle\Vehicle;

/** Draws up the cars that could be standing there, each as it comes in. */
final readonly class Lineup
{
    /** The chance that a customer tells of a lamp that was lit, and that one tells of a lamp that never was. */
    private const TELLS = [0.97, 0.04];

    public function __construct(private Vehicle $sound, private CaseKnowledge $knowledge, private Catalogue $catalogue, private Weighing $weighing, private Simulator $simulator)
    {
    }

    /** @return non-empty-list<Hypothesis> the sound car first, every fault at every place, and the pairs that the case or the catalogue names */
    public function usual(): array
    {
        $all = [$this->hypothesis('nothing', [], $this->weighing->priors->soundPrior * $this->knowledge->soundFactor(), false, CustomerHistory::of(Car::hypothesis($this->sound, $this->sound)))];
        foreach ($this->catalogue->entries as $entry) {
            foreach ($entry->kind->places($this->sound) as $place) {
                array_push($all, ...$this->forms($entry, $place, [], []));
            }
        }

        return [...$all, ...$this->together($this->namedPairs(), [])];
    }

    /**
     * All that could be wrong at the places of these faults, with strengths, provocations and company like theirs: for
     * judging, where the truth has to be among what is possible and must have nothing that others have not.
     *
     * @param  list<Fault>  $faults
     * @param  array<string, Hypothesis>  $known  by key
     * @return list<Hypothesis>
     */
    public function like(array $faults, array $known): array
    {
        $near = array_map(fn (Fault $fault): Neighbour => Neighbour::of($fault, $this->catalogue->entry($fault->kind->id), $this->weighing->priors->comingAndGoing->provoking($fault->kind->id)), $faults);
        $like = [];
        foreach (array_unique(array_map(static fn (Fault $fault): string => $fault->channel, $faults)) as $place) {
            foreach ($this->catalogue->entries as $entry) {
                if (in_array($place, $entry->kind->places($this->sound), true)) {
                    array_push($like, ...$this->forms($entry, $place, $near, $known));
                }
            }
        }

        return [...$like, ...$this->together(count($faults) < 2 ? [] : $this->pairs()->like($faults), $known)];
    }

    /**
     * The commonest kinds of each of these places, each with each.
     *
     * @param  list<string>  $places
     * @param  array<string, Hypothesis>  $known  by key
     * @return list<Hypothesis>
     */
    public function pairedAt(array $places, array $known): array
    {
        return array_values(array_filter($this->together($this->pairs()->of($places), $known), static fn (Hypothesis $one): bool => ! isset($known[$one->key])));
    }

    /**
     * @param  list<Neighbour>  $near
     * @param  array<string, Hypothesis>  $known  by key
     * @return list<Hypothesis>
     */
    private function forms(CatalogueEntry $entry, string $place, array $near, array $known): array
    {
        $graded = count(array_unique($entry->strengths)) > 1;
        $forms = [];
        foreach ((new FaultForms($this->sound, $this->weighing->priors, $near))->at($entry, $place) as [$fault, $share]) {
            array_push($forms, ...$this->cars($fault->key(), [$fault], $entry->prior * $this->knowledge->factor($fault) * $share, $graded, $known));
        }

        return $forms;
    }

    /**
     * @param  array<string, array{list<Fault>, float}>  $sets  faults and prior, by key
     * @param  array<string, Hypothesis>  $known  by key
     * @return list<Hypothesis>
     */
    private function together(array $sets, array $known): array
    {
        $all = [];
        foreach ($sets as $key => [$faults, $prior]) {
            array_push($all, ...$this->cars($key, $faults, $prior, true, $known));
        }

        return $all;
    }

    /**
     * What comes and goes may do so more or less readily: one car for each readiness.
     *
     * @param  list<Fault>  $faults
     * @param  array<string, Hypothesis>  $known  by key
     * @return list<Hypothesis>
     */
    private function cars(string $key, array $faults, float $prior, bool $graded, array $known): array
    {
        $intermittent = array_values(array_filter($faults, static fn (Fault $fault): bool => $fault->provokedBy !== null));
        $isRare = $intermittent === [] || $intermittent[0]->provokedBy !== $intermittent[0]->kind->nature; // rare enough for one readiness
        $cars = [];
        foreach ($isRare ? ['' => 1.0] : $this->weighing->scatter->readiness as $off => $share) {
            $whole = $isRare ? $key : "$key~$off";
            $one = $known[$whole] ?? null;
            $cars[] = $one === null
                ? $this->hypothesis($whole, $faults, $prior * $share, $graded, CustomerHistory::of($this->car($faults, $isRare ? null : [$intermittent[0]->channel, (float) $off])))
                : $one->withPrior($prior * $share * $one->told);
        }

        return $cars;
    }

    /**
     * @param  list<Fault>  $faults
     * @param  ?array{string, float}  $readiness  of what comes and goes at a channel, in standard deviations
     */
    private function car(array $faults, ?array $readiness): Car
    {
        $vehicle = array_reduce($faults, static fn (Vehicle $vehicle, Fault $fault): Vehicle => $fault->applyTo($vehicle), $this->sound);
        $car = Car::hypothesis($vehicle, $this->sound);

        return $readiness === null ? $car : $car->shifted($readiness[0].Deviations::READINESS, $readiness[1]);
    }

    /** @param  list<Fault>  $faults */
    private function hypothesis(string $key, array $faults, float $prior, bool $graded, Car $car): Hypothesis
    {
        $lamp = $this->knowledge->lampTold;
        $tells = $lamp === null ? 1.0 : self::TELLS[Hypotheses::hasWarned($car, $this->simulator) ? 0 : 1];
        $told = $lamp === false ? 1.0 - $tells : $tells;

        return new Hypothesis($key, $faults, $prior * $told, $graded, $car, $told);
    }

    /** @return array<string, array{list<Fault>, float}> pairs with their priors, by key; those a case names prevail */
    private function namedPairs(): array
    {
        $pairs = [];
        foreach ($this->weighing->priors->commonPairs as [$one, $other]) {
            foreach (array_intersect($this->catalogue->entry($one)->kind->places($this->sound), $this->catalogue->entry($other)->kind->places($this->sound)) as $place) {
                $conductor = fn (string $kind): string => $this->catalogue->entry($kind)->kind->onConductor ? $this->sound->channel($place)->conductors[0]->id : '';
                $faults = [$this->catalogue->fault($this->sound, $one, $place, $conductor($one)), $this->catalogue->fault($this->sound, $other, $place, $conductor($other))];
                $pairs[Hypotheses::pairKey($faults)] = [$faults, $this->weighing->priors->pairPrior];
            }
        }
        foreach ($this->knowledge->pairs as $faults) {
            $pairs[Hypotheses::pairKey($faults)] = [$faults, $this->weighing->priors->namedPairPrior];
        }

        return $pairs;
    }

    private function pairs(): PairsAt
    {
        return new PairsAt($this->sound, $this->catalogue, $this->weighing->priors);
    }
}
