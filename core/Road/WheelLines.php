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

    private bool $areEven;

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
        $this->areEven = array_filter($lines, static fn (WheelLine $line): bool => $line->brake->uneven > 0.0) === [];
    }

    /**
     * @param  list<RollingWheel>  $wheels  as they have turned: a disc of uneven thickness brakes more in one place than in another
     * @return list<float> N·m of each brake
     */
    public function torques(BrakeState $fluid, array $wheels): array
    {
        $torques = [];
        foreach ($this->lines as $wheel => $line) {
            $even = $line->brake->torqueNewtonMetres($fluid->bar[$this->channels[$wheel]]);
            $torques[] = $line->brake->uneven > 0.0 ? $even * (1.0 + $line->brake->uneven * sin($wheels[$wheel]->turned)) : $even;
        }

        return $torques;
    }

    /** By how much the force of all brakes swings with the turns of uneven discs, as a share of it. */
    public function swingShare(BrakeState $fluid): float
    {
        if ($this->areEven) {
            return 0.0;
        }
        [$swings, $all] = [0.0, 0.0];
        foreach ($this->lines as $wheel => $line) {
            $even = $line->brake->torqueNewtonMetres($fluid->bar[$this->channels[$wheel]]);
            [$swings, $all] = [$swings + $line->brake->uneven * $even, $all + $even];
        }

        return $all > 0.0 ? $swings / $all : 0.0;
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
