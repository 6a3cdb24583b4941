<?php

declare(strict_types=1);

namespace Lernfall\Vehicle;

use Lernfall\Quantity;

/** What has happened to a ring since it was made. */
final readonly class RingDamage
{
    /**
     * @param  int  $missingTeeth  how many of them are gone, or have lost their magnetism
     * @param  int  $chippedTeeth  how many, after those, have lost a piece
     * @param  float  $crackPitches  how much wider than a pitch the ring gapes at one place, in pitches
     * @param  float  $runoutMetres  how far the ring swings towards the sensor and away from it in a turn
     * @param  float  $dirt  share of its effect that teeth lose where dirt is packed between them
     * @param  float  $liftMetres  how far rust lifts it towards the sensor at one place
     * @param  float  $swollen  share of its effect that teeth lose where rust has swollen the ring and eaten their edges
     * @param  bool  $loose  it turns on its seat under torque
     * @param  bool  $turnedAway  an encoder whose poles face away from the sensor
     */
    public function __construct(
        public int $missingTeeth = 0,
        public int $chippedTeeth = 0,
        public float $crackPitches = 0.0,
        public float $runoutMetres = 0.0,
        public float $dirt = 0.0,
        public float $liftMetres = 0.0,
        public float $swollen = 0.0,
        public bool $loose = false,
        public bool $turnedAway = false,
    ) {
        Quantity::notNegative(['missingTeeth' => $this->missingTeeth, 'chippedTeeth' => $this->chippedTeeth, 'crackPitches' => $this->crackPitches, 'runoutMetres' => $this->runoutMetres, 'liftMetres' => $this->liftMetres]);
        Quantity::within('dirt', $this->dirt, 0.0, 1.0);
        Quantity::within('swollen', $this->swollen, 0.0, 1.0);
    }

    public function with(
        ?int $missingTeeth = null,
        ?int $chippedTeeth = null,
        ?float $crackPitches = null,
        ?float $runoutMetres = null,
        ?float $dirt = null,
        ?float $liftMetres = null,
        ?float $swollen = null,
        ?bool $loose = null,
        ?bool $turnedAway = null,
    ): self {
        return new self(
            $missingTeeth ?? $this->missingTeeth, $chippedTeeth ?? $this->chippedTeeth, $crackPitches ?? $this->crackPitches, $runoutMetres ?? $this->runoutMetres,
            $dirt ?? $this->dirt, $liftMetres ?? $this->liftMetres, $swollen ?? $this->swollen, $loose ?? $this->loose, $turnedAway ?? $this->turnedAway,
        );
    }
}
