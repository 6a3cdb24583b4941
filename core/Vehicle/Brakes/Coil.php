<?php

declare(strict_types=1);

namespace Lernfall\Vehicle\Brakes;

use Lernfall\Quantity;

/**
 * The winding of a valve and the currents at which the valve moves: one for a valve that opens or shuts, two for one with three positions,
 * which holds with little current and reduces with more.
 */
final readonly class Coil
{
    /**
     * @param  float  $ohms  at 20 °C
     * @param  non-empty-list<float>  $movesAtAmperes  rising
     * @param  non-empty-list<float>  $drivenAmperes  what the module lets flow for each position at most; infinite: whatever flows
     * @param  bool  $broken  the winding is open
     */
    public function __construct(public float $ohms, public array $movesAtAmperes, public array $drivenAmperes, public bool $broken = false)
    {
        Quantity::resistances(['ohms' => $ohms]);
        $least = 0.0;
        foreach ($movesAtAmperes as $position => $amperes) {
            Quantity::above("movesAtAmperes.$position", $amperes, $least);
            Quantity::atLeast("drivenAmperes.$position", $drivenAmperes[$position] ?? 0.0, $amperes);
            $least = $amperes;
        }
    }

    /** Where the valve stands with this current: 0 at rest. */
    public function position(float $amperes): int
    {
        return count(array_filter($this->movesAtAmperes, static fn (float $needed): bool => $amperes >= $needed));
    }

    public function withOhms(float $ohms): self
    {
        return new self($ohms, $this->movesAtAmperes, $this->drivenAmperes, $this->broken);
    }

    public function broken(): self
    {
        return new self($this->ohms, $this->movesAtAmperes, $this->drivenAmperes, true);
    }
}
