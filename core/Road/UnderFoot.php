<?php

declare(strict_types=1);

namespace Lernfall\Road;

/** What a foot feels of a pedal while it brakes: that it goes further down, that fluid is pressed back against it, that it pulses with the wheels. */
final readonly class UnderFoot
{
    /** So far without anything else that moves under the foot, faster than at a walk, until pulses are told from one another: two turns of a wheel. */
    private const PULSES_METRES = 3.8;

    private const PULSES_ABOVE_METRES_PER_SECOND = 1.0;

    /**
     * @param  float  $sinksCentimetres  further down than the same foot comes while the car stands
     * @param  float  $returnedCubicCentimetres  pressed back against the foot
     * @param  float  $swingShare  by which the force of the brakes swings with the wheels
     */
    private function __construct(private float $sinksCentimetres, private float $returnedCubicCentimetres, private float $swingShare)
    {
    }

    /** @param  float  $restingCentimetres  how far the pedal goes down by this foot while the car stands */
    public static function of(RoadRecord $record, float $restingCentimetres): self
    {
        return new self(max([0.0, ...$record->pedalCentimetres]) - $restingCentimetres, $record->returned(), $record->swingShare(self::PULSES_METRES, self::PULSES_ABOVE_METRES_PER_SECOND));
    }

    /** Of two times it was pressed. */
    public function and(?self $before): self
    {
        return $before === null ? $this : new self(
            max($before->sinksCentimetres, $this->sinksCentimetres), $before->returnedCubicCentimetres + $this->returnedCubicCentimetres, max($before->swingShare, $this->swingShare),
        );
    }

    /** @return array<string, string> a word each, by what it is about */
    public function words(FeltLimits $limits): array
    {
        return [
            'foot' => $this->sinksCentimetres > $limits->sinksCentimetres ? 'sinks-under-foot' : 'holds-under-foot',
            'beat' => $this->returnedCubicCentimetres > $limits->beatsCubicCentimetres ? 'beats-back' : 'no-beat',
            'pulse' => $this->swingShare > $limits->pulsesShare ? 'pulses-with-wheels' : 'no-pulse',
        ];
    }
}
