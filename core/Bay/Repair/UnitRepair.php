<?php

declare(strict_types=1);

namespace Lernfall\Bay\Repair;

use Closure;
use Lernfall\Vehicle\Brakes\BrakeUnit;
use Lernfall\Vehicle\Brakes\HydraulicUnit;
use Lernfall\Vehicle\Brakes\WheelBrake;
use Lernfall\Vehicle\Brakes\WheelLine;
use LogicException;

/** Repairs of the hydraulic unit and of what belongs to it: parts become as they were built. */
final readonly class UnitRepair
{
    /** Left in each line by a unit that came dry out of its box, in cubic centimetres. Common practice is to bleed it; how much there is, is an assumption. */
    private const AIR_OF_A_NEW_UNIT = 2.5;

    /** Got into a line that was opened for a repair, in cubic centimetres; the same assumption. */
    private const AIR_OF_AN_OPENED_LINE = 1.5;

    /** Of the air in a line that is bled too late. */
    private const COMES_OVER = 0.3;

    /** @param  BrakeUnit  $built  as the car left the maker */
    public function __construct(private BrakeUnit $built)
    {
    }

    /** The very unit the car was built with, where nothing is left to differ. */
    public function after(BrakeUnit $unit, RepairKind $kind, string $channel): BrakeUnit
    {
        $wiring = $unit->wiring;
        $wired = $this->built->wiring;
        $repaired = match ($kind) {
            RepairKind::ReplaceHydraulicUnit => $this->renewed($unit),
            RepairKind::ReplacePumpRelay => $unit->withWiring($wiring->withFeeds(pump: $wiring->pump->withRelayOf($wired->pump))),
            RepairKind::ReplaceValveRelay => $unit->withWiring($wiring->withFeeds(valves: $wiring->valves->withRelayOf($wired->valves))),
            RepairKind::ReplaceUnitFuse => $unit->withWiring($wiring->withFeeds($wiring->valves->withFuse(false), $wiring->pump->withFuse(false))),
            RepairKind::MendUnitWire => $unit->withWiring($wiring->withFeeds($wiring->valves->withWire(false), $wiring->pump->withWire(false))),
            RepairKind::CleanUnitGround => $unit->withWiring($wiring->withRust($wired->rustOhms)),
            RepairKind::BleedBrakes => $this->everyLine($unit, static fn (WheelLine $line): WheelLine => self::withBrake($line, static fn (WheelBrake $brake): WheelBrake => $brake->withAir(0.0))),
            RepairKind::BleedBrake => $this->bled($unit, $channel),
            RepairKind::RefitBrakePipes => $this->refitted($unit),
            RepairKind::CodeUnit => $unit->coded(true),
            RepairKind::ReplaceBrakeHose => $unit->withLineTo($channel, fn (WheelLine $line): WheelLine => $this->opened($line)->withHose($this->built->hydraulics->wheels[$channel]->hoseFlow)),
            RepairKind::MendBrakeLine => $unit->withLineTo($channel, fn (WheelLine $line): WheelLine => $this->opened($line)->leaking(0.0)),
            RepairKind::ReplaceCaliper => $unit->withLineTo($channel, fn (WheelLine $line): WheelLine => self::withBrake($this->opened($line), static fn (WheelBrake $brake): WheelBrake => $brake->dragging(0.0)->sliding(1.0))),
            RepairKind::FreeSlidePins => $unit->withLineTo($channel, static fn (WheelLine $line): WheelLine => self::withBrake($line, static fn (WheelBrake $brake): WheelBrake => $brake->sliding(1.0))),
            RepairKind::ReplaceDisc => $unit->withLineTo($channel, fn (WheelLine $line): WheelLine => self::withBrake($line, fn (WheelBrake $brake): WheelBrake => $this->lined($brake, $channel)->uneven(0.0))),
            RepairKind::ReplaceLinings => $unit->withLineTo($channel, fn (WheelLine $line): WheelLine => self::withBrake($line, fn (WheelBrake $brake): WheelBrake => $this->lined($brake, $channel))),
            RepairKind::ReplaceMasterCylinder => $this->everyLine($unit->withMaster($unit->master->bypassing(0.0)), $this->opened(...)),
            RepairKind::ReplaceServo => $unit->withMaster($unit->master->withAssistance($this->built->master->assistance)),
            default => throw new LogicException("'$kind->value' mends nothing of the unit"),
        };

        return $repaired == $this->built ? $this->built : $repaired;
    }

    /** Valves, windings, pumps and their motor are new; what is screwed to it stays, and gets air. */
    private function renewed(BrakeUnit $unit): BrakeUnit
    {
        $wheels = [];
        foreach ($unit->hydraulics->wheels as $channel => $line) {
            $new = $this->built->hydraulics->wheels[$channel];
            $wheels[$channel] = $line->withValves($new->inlet, $new->outlet);
            $wheels[$channel] = self::aired($wheels[$channel], self::AIR_OF_A_NEW_UNIT);
        }
        $circuits = [];
        foreach ($this->built->hydraulics->circuits as $name => $new) {
            $circuits[$name] = $new->leaking($unit->hydraulics->circuits[$name]->leakFlow);
        }

        $wiring = $unit->wiring->withCoils($this->built->wiring->coils)->withMotor($this->built->wiring->motor);
        if ($unit->design->isIntegrated) {
            $wiring = $wiring->withFeeds($wiring->valves->withRelayOf($this->built->wiring->valves), $wiring->pump->withRelayOf($this->built->wiring->pump));
        }

        return $unit->withHydraulics(new HydraulicUnit($wheels, $circuits))->withWiring($wiring)->coded(false);
    }

    /** New linings, which belong to a new disc too. */
    private function lined(WheelBrake $brake, string $wheel): WheelBrake
    {
        return $brake->gripping($this->built->hydraulics->wheels[$wheel]->brake->newtonMetresPerBar)->worn(0.0);
    }

    /**
     * One wheel bled. Of the air in lines of its circuit that the maker has bled before it, some comes over: whoever does not keep to the order
     * bleeds twice. Common practice, no source; the share is an assumption.
     */
    private function bled(BrakeUnit $unit, string $wheel): BrakeUnit
    {
        $circuit = $unit->hydraulics->lineTo($wheel)->circuit;
        $place = array_search($wheel, $unit->design->bleedingOrder, true);
        $came = 0.0;
        foreach ($place === false ? [] : array_slice($unit->design->bleedingOrder, 0, $place) as $earlier) {
            $air = $unit->hydraulics->lineTo($earlier)->brake->volume->airCubicCentimetres;
            if ($air > 0.0 && $unit->hydraulics->lineTo($earlier)->circuit === $circuit) {
                $came += $air * self::COMES_OVER;
                $unit = $unit->withLineTo($earlier, static fn (WheelLine $line): WheelLine => self::withBrake($line, static fn (WheelBrake $brake): WheelBrake => $brake->withAir($air * (1.0 - self::COMES_OVER))));
            }
        }

        return $unit->withLineTo($wheel, static fn (WheelLine $line): WheelLine => self::withBrake($line, static fn (WheelBrake $brake): WheelBrake => $brake->withAir($came)));
    }

    /** Every pipe screwed to where it belongs; those that were moved take air. */
    private function refitted(BrakeUnit $unit): BrakeUnit
    {
        $fitted = $unit;
        foreach (array_keys($unit->hydraulics->wheels) as $channel) {
            if ($unit->hydraulics->wheelAt($channel) !== $channel) {
                $fitted = $fitted->withHydraulics($fitted->hydraulics->withWheel($channel, $this->opened($unit->hydraulics->wheels[$channel]->screwedTo('', $unit->hydraulics->lineTo($channel)))));
            }
        }

        return $fitted;
    }

    private function opened(WheelLine $line): WheelLine
    {
        return self::aired($line, self::AIR_OF_AN_OPENED_LINE);
    }

    private static function aired(WheelLine $line, float $leastCubicCentimetres): WheelLine
    {
        return self::withBrake($line, static fn (WheelBrake $brake): WheelBrake => $brake->withAir(max($leastCubicCentimetres, $brake->volume->airCubicCentimetres)));
    }

    /** @param  Closure(WheelLine): WheelLine  $change */
    private function everyLine(BrakeUnit $unit, Closure $change): BrakeUnit
    {
        foreach (array_keys($unit->hydraulics->wheels) as $channel) {
            $unit = $unit->withLine($channel, $change);
        }

        return $unit;
    }

    /** @param  Closure(WheelBrake): WheelBrake  $change */
    private static function withBrake(WheelLine $line, Closure $change): WheelLine
    {
        return $line->withBrake($change($line->brake));
    }
}
