<?php

declare(strict_types=1);

namespace Lernfall\Vehicle;

/** The ring that turns with the wheel, teeth or magnet poles. */
final readonly class ToothedRing
{
    /** A chipped tooth moves the flux this much as a whole one. */
    private const CHIPPED_STRENGTH = 0.35;

    /** Dirt packs itself into this share of the ring. */
    private const DIRTY_SHARE = 0.25;

    /**
     * @param  int  $teeth  teeth as the ring was made
     * @param  int  $missingTeeth  how many of them are gone
     * @param  int  $chippedTeeth  how many, after those, have lost a piece
     * @param  float  $crackPitches  how much wider than a pitch the ring gapes at one place, in pitches
     * @param  float  $runoutMetres  how far the ring swings towards the sensor and away from it in a turn
     * @param  float  $dirt  share of its effect that teeth lose where dirt is packed between them
     */
    public function __construct(
        public int $teeth,
        public int $missingTeeth = 0,
        public int $chippedTeeth = 0,
        public float $crackPitches = 0.0,
        public float $runoutMetres = 0.0,
        public float $dirt = 0.0,
    ) {
    }

    public function withMissingTeeth(int $count): self
    {
        return new self($this->teeth, $count, $this->chippedTeeth, $this->crackPitches, $this->runoutMetres, $this->dirt);
    }

    public function withChippedTeeth(int $count): self
    {
        return new self($this->teeth, $this->missingTeeth, $count, $this->crackPitches, $this->runoutMetres, $this->dirt);
    }

    public function cracked(float $pitches): self
    {
        return new self($this->teeth, $this->missingTeeth, $this->chippedTeeth, $pitches, $this->runoutMetres, $this->dirt);
    }

    public function bent(float $runoutMetres): self
    {
        return new self($this->teeth, $this->missingTeeth, $this->chippedTeeth, $this->crackPitches, $runoutMetres, $this->dirt);
    }

    public function dirty(float $share): self
    {
        return new self($this->teeth, $this->missingTeeth, $this->chippedTeeth, $this->crackPitches, $this->runoutMetres, $share);
    }

    /** @return list<float> how strongly each tooth acts, 1 for a whole and clean one; the gap is left aside */
    public function strengths(): array
    {
        $strengths = [];
        for ($tooth = 0; $tooth < $this->teeth; $tooth++) {
            $strengths[] = match (true) {
                $tooth < $this->missingTeeth => 0.0,
                $tooth < $this->missingTeeth + $this->chippedTeeth => self::CHIPPED_STRENGTH,
                $tooth >= $this->teeth * (1.0 - self::DIRTY_SHARE) => 1.0 - $this->dirt,
                default => 1.0,
            };
        }

        return $strengths;
    }

    /** How far the gap at this tooth lies off its mean, in metres. */
    public function runoutAt(int $tooth): float
    {
        return $this->runoutMetres * cos(2.0 * M_PI * $tooth / $this->teeth);
    }
}
