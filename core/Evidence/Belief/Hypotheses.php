<?php

declare(strict_types=1);

namespace Lernfall\Evidence\Belief;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Car\Ignition;
use Lernfall\Bay\Contract\Branch;
use Lernfall\Bay\Contract\CategoryFeature;
use Lernfall\Bay\Contract\Simulator;
use Lernfall\Bay\Key\TurnKey;
use Lernfall\Bay\Lamps\LookAtLamps;
use Lernfall\Fault\Fault;

/**
 * Every car that could be standing there: each fault of the catalogue at each place in concrete strengths, forms of them
 * that come and go, an old code left over, the sound car, and the pairs that a case or the catalogue names.
 */
final readonly class Hypotheses
{
    /**
     * @param  non-empty-list<Hypothesis>  $all  the sound car first
     * @param  ?Lineup  $lineup  draws up more of them; null where they are listed by hand
     * @param  list<list<string>>  $paired  places at which pairs are among them
     */
    private function __construct(public array $all, private ?Lineup $lineup = null, public array $paired = [])
    {
    }

    public static function of(Lineup $lineup): self
    {
        return new self($lineup->usual(), $lineup);
    }

    /** Just these, the sound car first: for examples worked by hand. */
    public static function listed(Hypothesis $sound, Hypothesis ...$others): self
    {
        return new self([$sound, ...array_values($others)]);
    }

    /**
     * With these faults among others like them, and none of the usual ones at their places: for judging only.
     *
     * @param  list<Fault>  $faults
     */
    public function among(array $faults): self
    {
        if ($this->lineup === null || $faults === []) {
            return $this;
        }
        $places = array_map(static fn (Fault $fault): string => $fault->channel, $faults);
        $like = $this->lineup->like($faults, $this->byKey());
        $keys = array_fill_keys(array_map(static fn (Hypothesis $one): string => $one->key, $like), true);
        $others = array_filter(
            array_slice($this->all, 1),
            static fn (Hypothesis $one): bool => ! isset($keys[$one->key]) && (count($one->faults) !== 1 || ! in_array($one->faults[0]->channel, $places, true)),
        );

        return new self([$this->all[0], ...array_values($others), ...$like], $this->lineup, count($places) < 2 ? [] : [self::sorted($places)]);
    }

    /**
     * With pairs at these places as well; the same where they are among them already.
     *
     * @param  list<string>  $places
     */
    public function pairedAt(array $places): self
    {
        return $this->lineup === null || in_array(self::sorted($places), $this->paired, true)
            ? $this
            : new self([...$this->all, ...$this->lineup->pairedAt($places, $this->byKey())], $this->lineup, [...$this->paired, self::sorted($places)]);
    }

    /** @param  list<list<string>>  $places */
    public function pairedAtAll(array $places): self
    {
        return array_reduce($places, static fn (self $all, array $one): self => $all->pairedAt($one), $this);
    }

    public function count(): int
    {
        return count($this->all);
    }

    /** @param  list<Fault>  $faults */
    public static function pairKey(array $faults): string
    {
        return implode('+', array_map(static fn (Fault $fault): string => $fault->key(), $faults));
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

    /**
     * @param  list<string>  $places
     * @return list<string>
     */
    private static function sorted(array $places): array
    {
        sort($places);

        return $places;
    }

    /** @return array<string, Hypothesis> */
    private function byKey(): array
    {
        return array_combine(array_map(static fn (Hypothesis $one): string => $one->key, $this->all), $this->all);
    }
}
