<?php

declare(strict_types=1);

namespace Lernfall\Bay\Inspection\Appearance;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Inspection\LookAt;
use Lernfall\Bay\Inspection\Manner;
use Lernfall\Bay\Inspection\Sight;
use Lernfall\Chance\Deviations;
use Lernfall\Vehicle\Channel;

/** One look at one place of a true car: what of it comes to the eye, and the harmless marks any part in use has. */
final readonly class Scene
{
    /** Harmless marks reach from here to the whole of their range where a sound place bears one that strikes the eye, and up to here otherwise. */
    private const STRIKING = 0.55;

    /**
     * @param  string  $sight  the word for what comes to the eye, of those of this place
     * @param  string  $touching  the word for what the cable is seen to touch; "" where nobody holds the steering
     * @param  bool  $marked  a harmless mark strikes the eye
     */
    public function __construct(public Car $car, public LookAt $look, private string $sight, public string $touching, private bool $marked)
    {
    }

    public function sees(string $sight): bool
    {
        return $this->sight === $sight;
    }

    /** Damage is there to be seen whether it acts at the moment or not. */
    public function channel(): Channel
    {
        return $this->car->actingChannel($this->look->channel) ?? $this->car->channel($this->look->channel);
    }

    /** A harmless trait of this one part, on the side that is looked at; never nothing: drawn from the part, whatever else is wrong with it. */
    public function harmless(string $trait, float $least, float $greatest): float
    {
        $share = 0.5 + $this->drawn($trait, $this->look->manner === Manner::FromBehind ? ' behind' : '') / (2.0 * Deviations::FURTHEST);

        return self::rounded($least + ($greatest - $least) * ($this->marked ? self::STRIKING + (1.0 - self::STRIKING) * $share : self::STRIKING * $share));
    }

    /** A trait without any better or worse to it, between two bounds, the same from all sides. */
    public function anywhere(string $trait, float $least, float $greatest): float
    {
        return self::rounded($least + ($greatest - $least) * (0.5 + $this->drawn($trait) / (2.0 * Deviations::FURTHEST)));
    }

    /** To a tenth: finer than that no eye tells it. */
    public static function rounded(float $value): float
    {
        return round($value, 1) + 0.0;
    }

    private function drawn(string $trait, string $side = ''): float
    {
        return $this->car->deviations->standard($this->car->deviation("looks.{$this->part()}$side.$trait"));
    }

    /** The part that is seen there: a sensor takes its marks along to where it is put, and what is fitted new has marks of its own. */
    private function part(): string
    {
        [$channel, $at] = [$this->look->channel, $this->look->at];
        $sensor = $at->isOfTheWholeCar() ? '' : $this->car->state->sensorOf($channel);
        $renewed = $this->car->state->record->renewed[match ($at) {
            Sight::Tip => "$sensor.sensor.signal",
            Sight::Ring, Sight::Gap => "eye.$channel.ring.raised",
            default => "eye.$channel.{$at->value}",
        }] ?? 0;

        return ($at === Sight::Tip ? $sensor : $channel).".{$at->value}".($renewed === 0 ? '' : "#$renewed");
    }
}
