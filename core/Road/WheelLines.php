<?php

declare(strict_types=1);

namespace Lernfall\Road;

use Lernfall\Hydraulics\BrakeState;
use Lernfall\Vehicle\Brakes\HydraulicUnit;
use Lernfall\Vehicle\Brakes\WheelLine;

/** Which valves brake each wheel, and by how much: pipes may be screwed on wrongly. */
final readonly class WheelLines
{
    /** @var list<string> channel whose valves brake each wheel */
    public array $channels;

    /** @var list<WheelLine> */
    public array $lines;

    /** @param  list<string>  $wheels  front left, front right, rear left, rear right, as the hydraulic unit names them */
    public function __construct(public HydraulicUnit $unit, array $wheels)
    {
        [$channels, $lines] = [[], []];
        foreach ($wheels as $wheel) {
            foreach ($unit->wheels as $channel => $line) {
                if ($unit->wheelAt($channel) === $wheel) {
                    $channels[] = $channel;
                    $lines[] = $line;
                }
            }
        }
        [$this->channels, $this->lines] = [$channels, $lines];
    }

    /** @return list<float> N·m of each brake */
    public function torques(BrakeState $fluid): array
    {
        return array_map(static fn (WheelLine $line, string $channel): float => $line->brake->torqueNewtonMetres($fluid->bar[$channel]), $this->lines, $this->channels);
    }

    /** @return list<float> by wheel */
    public function bars(BrakeState $fluid): array
    {
        return array_map(static fn (string $channel): float => $fluid->bar[$channel], $this->channels);
    }

    /** @return float cubic centimetres that one bar more takes up in all of them */
    public function capacity(BrakeState $fluid): float
    {
        return array_sum(array_map(static fn (WheelLine $line, string $channel): float => $line->brake->volume->capacity($fluid->bar[$channel]), $this->lines, $this->channels));
    }
}
