<?php

declare(strict_types=1);

namespace Lernfall\Evidence\Belief;

/** What was still possible after a step, by all that had been shown. */
final readonly class Possible
{
    /** Faults are counted as open from the likeliest down until this share is covered. */
    private const COVERED = 0.95;

    private const NAMED = 4;

    /**
     * @param  int  $open  faults by kind and place that together cover nearly everything
     * @param  array<array-key, float>  $foremost  chance of the likeliest of them, by kind and place
     */
    private function __construct(public int $step, public int $open, public array $foremost)
    {
    }

    /** The same after a step that showed nothing. */
    public function at(int $step): self
    {
        return new self($step, $this->open, $this->foremost);
    }

    public static function after(int $step, Posterior $posterior): self
    {
        $names = $posterior->byName();
        $covered = 0.0;
        $open = 0;
        foreach ($names as $chance) {
            if ($covered >= self::COVERED) {
                break;
            }
            $covered += $chance;
            $open++;
        }

        return new self($step, $open, array_slice($names, 0, min($open, self::NAMED), true));
    }
}
