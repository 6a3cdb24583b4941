<?php

declare(strict_types=1);

namespace Lernfall\Bay\Contract;

/** A trace as the screen shows it: converter steps from the middle of the screen. */
final readonly class ObservedTrace
{
    /**
     * @param  list<int>  $steps
     * @param  ?array{list<int>, list<int>}  $peaks  least and greatest step between one sample and the next; null where samples show all there is
     */
    public function __construct(public array $steps, public float $secondsPerSample, public float $voltsPerStep, public ?array $peaks = null)
    {
    }

    /** @return list<float> volts of the line an eye follows: of each stretch between two samples whatever lies furthest off the sample */
    public function line(): array
    {
        $line = $this->peaks === null ? $this->steps : array_map(
            static fn (int $step, int $least, int $greatest): int => $step - $least > $greatest - $step ? $least : $greatest, $this->steps, $this->peaks[0], $this->peaks[1],
        );

        return array_map(fn (int $step): float => $step * $this->voltsPerStep, $line);
    }
}
