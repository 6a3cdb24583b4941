<?php

declare(strict_types=1);

namespace Lernfall\Hydraulics;

use Lernfall\Vehicle\Brakes\BrakeCircuit;
use Lernfall\Vehicle\Brakes\WheelLine;

/** What presses on the inlets of one circuit: the master cylinder, or the pump behind a shut isolation valve. */
final readonly class Supply
{
    private const HALVINGS = 60;

    /** The inlets are cut off from the master cylinder but for what the pedal presses through. */
    public bool $isCutOff;

    /** The pump draws through the priming valve and presses into the cut off part. */
    public bool $buildsUp;

    public function __construct(private BrakeCircuit $circuit, private float $masterBar, bool $isolationShut, bool $primingOpen, public bool $pumps)
    {
        $this->isCutOff = $circuit->isolation !== null && $circuit->isolation->opening(! $isolationShut) < $circuit->isolation->flow;
        $this->buildsUp = $pumps && $this->isCutOff && $circuit->priming !== null && $circuit->priming->opening($primingOpen) > 0.0;
    }

    /**
     * The pressure between pump and inlets, in bar: there, as much flows into the brakes as the pump moves, and no more than its relief
     * valve lets stand. What the short line itself takes up is left out.
     *
     * @param  array<string, WheelLine>  $lines
     * @param  array<string, float>  $bars  at the brakes, by channel
     */
    public function builtUpBar(array $lines, array $bars, Moved $moved): float
    {
        $ways = [];
        foreach ($lines as $channel => $line) {
            $wantedOpen = ! in_array($channel, $moved->inletsShut, true);
            $ways[] = [$bars[$channel], $line->filling($wantedOpen), $line->emptying($wantedOpen)];
        }
        $leak = $this->circuit->isolation->leak ?? 0.0;
        $pumped = $this->circuit->pumpCubicCentimetresPerSecond;
        [$low, $high] = [$this->masterBar, max($this->masterBar, $this->circuit->reliefBar)];
        for ($halving = 0; $halving < self::HALVINGS; $halving++) {
            $middle = ($low + $high) / 2.0;
            $taken = $leak * sqrt($middle - $this->masterBar);
            foreach ($ways as [$bar, $filling, $emptying]) {
                $taken += $middle > $bar ? $filling * sqrt($middle - $bar) : -$emptying * sqrt($bar - $middle);
            }
            $isSettled = $middle === $low || $middle === $high;
            if ($taken < $pumped) {
                $low = $middle;
            } else {
                $high = $middle;
            }
            if ($isSettled) {
                break; // no number lies between them
            }
        }

        return $low === $this->masterBar ? $low : $high;
    }

    /** Whether this pressure stays, whatever flows: the relief valve lets no more stand, the foot no less. */
    public function isHeld(float $bar): bool
    {
        return $bar >= $this->circuit->reliefBar || $bar <= $this->masterBar;
    }

    /** Cubic centimetres a second; negative out of the brake. */
    public function intoBrake(WheelLine $line, float $acrossBar, bool $inletWantedOpen): float
    {
        return $this->flow($acrossBar, $acrossBar > 0.0 ? $line->filling($inletWantedOpen) : $line->emptying($inletWantedOpen));
    }

    /**
     * What the pump takes out of the accumulator, in cubic centimetres a second. What comes to it through a priming valve that leaks, under the foot's
     * pressure, it takes first (reckoned from the two flows; common practice, no source).
     */
    public function returned(float $accumulatedCubicCentimetres): float
    {
        if (! $this->pumps) {
            return 0.0;
        }
        $across = $this->masterBar - $this->circuit->accumulatorBar($accumulatedCubicCentimetres);

        return max(0.0, $this->circuit->pumpCubicCentimetresPerSecond - ($across > 0.0 ? $this->flow($across, $this->circuit->priming->leak ?? 0.0) : 0.0));
    }

    private function flow(float $acrossBar, float $coefficient): float
    {
        return $acrossBar < 0.0 ? -$coefficient * sqrt(-$acrossBar) : $coefficient * sqrt($acrossBar);
    }
}
