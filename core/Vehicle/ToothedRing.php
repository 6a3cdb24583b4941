<?php

declare(strict_types=1);

namespace Lernfall\Vehicle;

use Lernfall\Quantity;

/** The ring that turns with the wheel: teeth, or the magnet poles of an encoder. */
final readonly class ToothedRing
{
    /** A chipped tooth moves the flux this much as a whole one. */
    private const CHIPPED_STRENGTH = 0.35;

    /** Dirt packs itself into this share of the ring. */
    private const DIRTY_SHARE = 0.25;

    /** Rust lifts a ring over this share of it. */
    private const LIFTED_SHARE = 0.12;

    /**
     * @param  int  $teeth  teeth, or pairs of poles, as the ring was made
     * @param  int  $missingTeeth  how many of them are gone, or have lost their magnetism
     * @param  int  $chippedTeeth  how many, after those, have lost a piece
     * @param  float  $crackPitches  how much wider than a pitch the ring gapes at one place, in pitches
     * @param  float  $runoutMetres  how far the ring swings towards the sensor and away from it in a turn
     * @param  float  $dirt  share of its effect that teeth lose where dirt is packed between them
     * @param  float  $liftMetres  how far rust lifts it towards the sensor at one place
     * @param  bool  $loose  it turns on its seat under torque
     * @param  bool  $turnedAway  an encoder whose poles face away from the sensor
     */
    public function __construct(
        public int $teeth,
        public bool $isEncoder = false,
        public int $missingTeeth = 0,
        public int $chippedTeeth = 0,
        public float $crackPitches = 0.0,
        public float $runoutMetres = 0.0,
        public float $dirt = 0.0,
        public float $liftMetres = 0.0,
        public bool $loose = false,
        public bool $turnedAway = false,
    ) {
        Quantity::positive(['teeth' => $this->teeth]);
        Quantity::notNegative(['missingTeeth' => $this->missingTeeth, 'chippedTeeth' => $this->chippedTeeth, 'crackPitches' => $this->crackPitches, 'runoutMetres' => $this->runoutMetres, 'liftMetres' => $this->liftMetres]);
        Quantity::within('dirt', $this->dirt, 0.0, 1.0);
    }

    public function withTeeth(int $count): self
    {
        return $this->with(teeth: $count);
    }

    public function withMissingTeeth(int $count): self
    {
        return $this->with(missingTeeth: $count);
    }

    public function withChippedTeeth(int $count): self
    {
        return $this->with(chippedTeeth: $count);
    }

    public function cracked(float $pitches): self
    {
        return $this->with(crackPitches: $pitches);
    }

    public function bent(float $runoutMetres): self
    {
        return $this->with(runoutMetres: $runoutMetres);
    }

    public function dirty(float $share): self
    {
        return $this->with(dirt: $share);
    }

    public function lifted(float $metres): self
    {
        return $this->with(liftMetres: $metres);
    }

    public function loosened(): self
    {
        return $this->with(loose: true);
    }

    public function turnedAway(): self
    {
        return $this->with(turnedAway: true);
    }

    /** @return list<float> how strongly each tooth acts, 1 for a whole and clean one; the gap is left aside */
    public function strengths(): array
    {
        $strengths = [];
        for ($tooth = 0; $tooth < $this->teeth; $tooth++) {
            $strengths[] = match (true) {
                $this->turnedAway, $tooth < $this->missingTeeth => 0.0,
                $tooth < $this->missingTeeth + $this->chippedTeeth => self::CHIPPED_STRENGTH,
                $tooth >= $this->teeth * (1.0 - self::DIRTY_SHARE) => 1.0 - $this->dirt,
                default => 1.0,
            };
        }

        return $strengths;
    }

    /**
     * How far the gap at this tooth lies off its mean, in metres.
     *
     * @param  float  $playMetres  of the bearing, which swings the ring as well
     */
    public function runoutAt(int $tooth, float $playMetres = 0.0): float
    {
        $lifted = $tooth < self::LIFTED_SHARE * $this->teeth ? $this->liftMetres : 0.0;

        return ($this->runoutMetres + $playMetres / 2.0) * cos(2.0 * M_PI * $tooth / $this->teeth) - $lifted;
    }

    private function with(
        ?int $teeth = null,
        ?int $missingTeeth = null,
        ?int $chippedTeeth = null,
        ?float $crackPitches = null,
        ?float $runoutMetres = null,
        ?float $dirt = null,
        ?float $liftMetres = null,
        ?bool $loose = null,
        ?bool $turnedAway = null,
    ): self {
        return new self(
            $teeth ?? $this->teeth, $this->isEncoder, $missingTeeth ?? $this->missingTeeth, $chippedTeeth ?? $this->chippedTeeth,
            $crackPitches ?? $this->crackPitches, $runoutMetres ?? $this->runoutMetres, $dirt ?? $this->dirt, $liftMetres ?? $this->liftMetres,
            $loose ?? $this->loose, $turnedAway ?? $this->turnedAway,
        );
    }
}
