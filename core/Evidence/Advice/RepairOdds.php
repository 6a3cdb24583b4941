<?php

declare(strict_types=1);

namespace Lernfall\Evidence\Advice;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Repair\Repair;
use Lernfall\Evidence\Lineup;
use Lernfall\Evidence\Odds;
use Lernfall\Evidence\Remedies;

/** What is believed about repairs: the suspects that count, each with what would put its car right. */
final readonly class RepairOdds
{
    /** Suspects are taken into account from the likeliest down until this share is covered, and no more than this many. */
    private const COVERED = 0.999;

    private const AT_MOST = 250;

    /**
     * @param  list<int>  $suspects  places in the lineup
     * @param  list<Car>  $cars  as they stand now
     * @param  list<float>  $chances  together 1
     * @param  list<string>  $remedies  by name
     * @param  list<bool>  $graded
     */
    private function __construct(public array $suspects, public array $cars, public array $chances, public array $remedies, public array $graded, private Remedies $tried)
    {
    }

    public static function of(Lineup $lineup, Odds $odds, Remedies $remedies): self
    {
        $suspects = $odds->covering(self::COVERED, self::AT_MOST);
        $ways = $lineup->likeliest();
        $cars = array_map(static fn (int $suspect): Car => $ways[$suspect]->car, $suspects);
        $sum = array_sum(array_map(static fn (int $suspect): float => $odds->chances[$suspect], $suspects));

        return new self(
            $suspects,
            $cars,
            array_map(static fn (int $suspect): float => $odds->chances[$suspect] / $sum, $suspects),
            array_map($remedies->name(...), $cars),
            array_map(static fn (int $suspect): bool => $lineup->suspects->all[$suspect]->graded, $suspects),
            $remedies,
        );
    }

    /** The same suspects by other odds. */
    public function under(Odds $odds): self
    {
        $chances = array_map(static fn (int $suspect): float => $odds->chances[$suspect], $this->suspects);
        $sum = array_sum($chances);

        return new self($this->suspects, $this->cars, array_map(static fn (float $chance): float => $chance / $sum, $chances), $this->remedies, $this->graded, $this->tried);
    }

    /** The likeliest of them only: as many as tests are tried on. */
    public function foremost(int $count): self
    {
        $chances = array_slice($this->chances, 0, $count);
        $sum = array_sum($chances);

        return new self(
            array_slice($this->suspects, 0, $count),
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

    /** @return array<string, float> the same, where this repair is counted for every suspect it helps */
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
