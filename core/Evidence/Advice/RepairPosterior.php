<?php

declare(strict_types=1);

namespace Lernfall\Evidence\Advice;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Repair\Repair;
use Lernfall\Evidence\Belief\HypothesisSet;
use Lernfall\Evidence\Belief\Posterior;

/** What is believed about repairs: the hypotheses that count, each with what would put its car right. */
final readonly class RepairPosterior
{
    /** Hypotheses are taken into account from the likeliest down until this share is covered, and no more than this many. */
    private const COVERED = 0.999;

    private const AT_MOST = 250;

    /**
     * @param  list<int>  $hypotheses  places in the set
     * @param  list<Car>  $cars  as they stand now
     * @param  list<float>  $chances  together 1
     * @param  list<string>  $remedies  by name
     * @param  list<bool>  $graded
     */
    private function __construct(public array $hypotheses, public array $cars, public array $chances, public array $remedies, public array $graded, private Remedies $tried)
    {
    }

    public static function of(HypothesisSet $set, Posterior $posterior, Remedies $remedies): self
    {
        $hypotheses = $posterior->covering(self::COVERED, self::AT_MOST);
        $ways = $set->likeliest();
        $cars = array_map(static fn (int $hypothesis): Car => $ways[$hypothesis]->car, $hypotheses);
        $sum = array_sum(array_map(static fn (int $hypothesis): float => $posterior->chances[$hypothesis], $hypotheses));

        return new self(
            $hypotheses,
            $cars,
            array_map(static fn (int $hypothesis): float => $posterior->chances[$hypothesis] / $sum, $hypotheses),
            array_map($remedies->name(...), $cars),
            array_map(static fn (int $hypothesis): bool => $set->hypotheses->all[$hypothesis]->graded, $hypotheses),
            $remedies,
        );
    }

    /** The same hypotheses by other beliefs. */
    public function under(Posterior $posterior): self
    {
        $chances = array_map(static fn (int $hypothesis): float => $posterior->chances[$hypothesis], $this->hypotheses);
        $sum = array_sum($chances);

        return new self($this->hypotheses, $this->cars, array_map(static fn (float $chance): float => $chance / $sum, $chances), $this->remedies, $this->graded, $this->tried);
    }

    /** The likeliest of them only: as many as tests are tried on. */
    public function foremost(int $count): self
    {
        $chances = array_slice($this->chances, 0, $count);
        $sum = array_sum($chances);

        return new self(
            array_slice($this->hypotheses, 0, $count),
            array_slice($this->cars, 0, $count),
            array_map(static fn (float $chance): float => $chance / $sum, $chances),
            array_slice($this->remedies, 0, $count),
            array_slice($this->graded, 0, $count),
            $this->tried,
        );
    }

    /** @return array<string, float> chance by remedy, likeliest first */
    public function byRemedy(): array
    {
        return self::summed($this->remedies, $this->chances);
    }

    /** @return array<string, float> the same, where this repair is counted for every hypothesis it helps */
    public function byRemedyWith(Repair $repair): array
    {
        $key = Remedies::key($repair);

        return self::summed(array_map(fn (Car $car, string $remedy): string => $this->tried->helps($car, $repair) ? $key : $remedy, $this->cars, $this->remedies), $this->chances);
    }

    /**
     * @param  list<string>  $remedies
     * @param  list<float>  $chances
     * @return array<string, float>
     */
    public static function summed(array $remedies, array $chances): array
    {
        $sums = [];
        foreach ($remedies as $index => $remedy) {
            $sums[$remedy] = ($sums[$remedy] ?? 0.0) + $chances[$index];
        }
        arsort($sums);

        return $sums;
    }

    public function isHelped(Car $car, Repair $repair): bool
    {
        return $this->tried->helps($car, $repair);
    }

    /** The chance that a repair takes away something that is wrong. */
    public function helps(Repair $repair): float
    {
        $chance = 0.0;
        foreach ($this->cars as $index => $car) {
            $chance += $this->tried->helps($car, $repair) ? $this->chances[$index] : 0.0;
        }

        return $chance;
    }

    /** @return list<Repair> the repairs of a remedy; none where nothing is to be repaired */
    public function repairs(string $remedy): array
    {
        $index = array_search($remedy, $this->remedies, true);

        return $index === false ? [] : $this->tried->of($this->cars[$index]) ?? [];
    }

    /** Uncertainty about the remedy in bits (Shannon 1948). */
    public function bits(): float
    {
        return self::entropy($this->byRemedy());
    }

    /** @param  array<array-key, float>  $chances  together 1 */
    public static function entropy(array $chances): float
    {
        return array_sum(array_map(static fn (float $chance): float => $chance > 0.0 ? -$chance * log($chance, 2.0) : 0.0, $chances));
    }
}
