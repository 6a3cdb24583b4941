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

    /** Rust swells a ring over this share of it ... */
    private const SWOLLEN_SHARE = 0.3;

    /** ... and brings it nearer to the sensor there, by so many metres where it has taken the teeth all their effect. */
    private const SWOLLEN_METRES = 2e-4;

    /** Rust lifts a ring over this share of it. */
    private const LIFTED_SHARE = 0.12;

    /** @param  int  $teeth  teeth, or pairs of poles, as the ring was made */
    public function __construct(public int $teeth, public bool $isEncoder = false, public RingDamage $damage = new RingDamage)
    {
        Quantity::positive(['teeth' => $this->teeth]);
    }

    public function withTeeth(int $count): self
    {
        return new self($count, $this->isEncoder, $this->damage);
    }

    public function withMissingTeeth(int $count): self
    {
        return $this->damaged($this->damage->with(missingTeeth: $count));
    }

    public function withChippedTeeth(int $count): self
    {
        return $this->damaged($this->damage->with(chippedTeeth: $count));
    }

    public function cracked(float $pitches): self
    {
        return $this->damaged($this->damage->with(crackPitches: $pitches));
    }

    public function bent(float $runoutMetres): self
    {
        return $this->damaged($this->damage->with(runoutMetres: $runoutMetres));
    }

    public function dirty(float $share): self
    {
        return $this->damaged($this->damage->with(dirt: $share));
    }

    public function lifted(float $metres): self
    {
        return $this->damaged($this->damage->with(liftMetres: $metres));
    }

    public function swollen(float $share): self
    {
        return $this->damaged($this->damage->with(swollen: $share));
    }

    public function loosened(): self
    {
        return $this->damaged($this->damage->with(loose: true));
    }

    public function turnedAway(): self
    {
        return $this->damaged($this->damage->with(turnedAway: true));
    }

    /** @return list<float> how strongly each tooth acts, 1 for a whole and clean one; the gap is left aside */
    public function strengths(): array
    {
        $strengths = [];
        for ($tooth = 0; $tooth < $this->teeth; $tooth++) {
            $strengths[] = match (true) {
                $this->damage->turnedAway, $tooth < $this->damage->missingTeeth => 0.0,
                $tooth < $this->damage->missingTeeth + $this->damage->chippedTeeth => self::CHIPPED_STRENGTH,
                $this->isSwollenAt($tooth) => 1.0 - $this->damage->swollen,
                $tooth >= $this->teeth * (1.0 - self::DIRTY_SHARE) => 1.0 - $this->damage->dirt,
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
        $lifted = ($tooth < self::LIFTED_SHARE * $this->teeth ? $this->damage->liftMetres : 0.0) + ($this->isSwollenAt($tooth) ? self::SWOLLEN_METRES * $this->damage->swollen : 0.0);

        return ($this->damage->runoutMetres + $playMetres / 2.0) * cos(2.0 * M_PI * $tooth / $this->teeth) - $lifted;
    }

    /**
     * How near it comes to the sensor in a turn, in metres; 0 and less where it touches.
     *
     * @param  float  $gapMetres  at its mean
     * @param  float  $playMetres  of the bearing
     */
    public function nearestMetres(float $gapMetres, float $playMetres): float
    {
        if ($this->damage->runoutMetres <= 0.0 && $this->damage->liftMetres <= 0.0 && $this->damage->swollen <= 0.0 && $playMetres <= 0.0) {
            return $gapMetres;
        }

        return $gapMetres + min(array_map(fn (int $tooth): float => $this->runoutAt($tooth, $playMetres), range(0, $this->teeth - 1)));
    }

    private function isSwollenAt(int $tooth): bool
    {
        return $this->damage->swollen > 0.0 && $tooth >= $this->teeth * (1.0 - self::SWOLLEN_SHARE);
    }

    private function damaged(RingDamage $damage): self
    {
        return new self($this->teeth, $this->isEncoder, $damage);
    }
}
