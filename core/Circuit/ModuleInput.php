<?php

declare(strict_types=1);

namespace Lernfall\Circuit;

use Lernfall\Signal\PassiveSignal;
use Lernfall\Vehicle\Channel;
use Lernfall\Vehicle\InputStage;

/** What a channel's circuit does at the module's pins. */
final readonly class ModuleInput
{
    /** Voltages at the module input while nothing turns. */
    public static function inputAtRest(Channel $channel, InputStage $input, ElectricalState $state): InputVoltages
    {
        $solution = NodalAnalysis::solve(ChannelNetlist::add(Netlist::empty(), $channel, $input, $state, 0.0));

        return new InputVoltages(
            $solution->voltsBetween(ChannelNetlist::inputNode($channel, 0), Netlist::GROUND, ChannelNetlist::DC),
            $solution->voltsBetween(ChannelNetlist::inputNode($channel, 1), Netlist::GROUND, ChannelNetlist::DC),
        );
    }

    /**
     * Peak voltage between the module's pins for each turn a second of the wheel: induced voltage and divider are both
     * linear, so this one figure serves every speed.
     */
    public static function inputPeakVoltSeconds(Channel $channel, InputStage $input, ElectricalState $state): float
    {
        $peakVolts = PassiveSignal::of($channel->sensor, $channel->ring, $channel->gapMetres, 1.0)->peakVolts;
        $solution = NodalAnalysis::solve(ChannelNetlist::add(Netlist::empty(), $channel, $input, $state, $peakVolts));

        return abs($solution->voltsBetween(
            ChannelNetlist::inputNode($channel, 0),
            ChannelNetlist::inputNode($channel, 1),
            ChannelNetlist::AC,
        ));
    }
}
