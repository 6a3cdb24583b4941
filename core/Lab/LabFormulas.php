<?php

declare(strict_types=1);

namespace Lernfall\Lab;

use Lernfall\Circuit\ElectricalState;
use Lernfall\Circuit\ModuleInput;
use Lernfall\Signal\CopperResistance;
use Lernfall\Signal\PassiveSignal;
use Lernfall\Vehicle\Channel;
use Lernfall\Vehicle\CurrentInput;
use Lernfall\Vehicle\CurrentSensor;
use Lernfall\Vehicle\PassiveInput;
use Lernfall\Vehicle\PassiveSensor;
use Lernfall\Vehicle\SwitchInput;
use Lernfall\Vehicle\SwitchSensor;

/** The formulas behind a setting, each with its numbers put in, in the order of the signal. */
final readonly class LabFormulas
{
    /** @return list<Formula> */
    public static function of(Channel $corner, ElectricalState $state, LabSetting $setting): array
    {
        $turns = abs($setting->turnsPerSecond);
        $hertz = $corner->ring->teeth * $turns;

        return [
            new Formula('tooth-frequency', ['teeth' => $corner->ring->teeth, 'turns' => $turns, 'hertz' => $hertz]),
            ...match (true) {
                $corner->sensor instanceof PassiveSensor && $corner->input instanceof PassiveInput => self::passive($corner, $corner->sensor, $corner->input, $state, $turns),
                $corner->sensor instanceof CurrentSensor && $corner->input instanceof CurrentInput => self::current($corner, $corner->sensor, $corner->input, $hertz, $setting->turnsPerSecond < 0.0),
                $corner->sensor instanceof SwitchSensor && $corner->input instanceof SwitchInput => self::switched($corner->sensor, $corner->input, $state),
                default => [],
            },
        ];
    }

    /** @return list<Formula> */
    private static function passive(Channel $corner, PassiveSensor $sensor, PassiveInput $input, ElectricalState $state, float $turns): array
    {
        $peak = PassiveSignal::peakVolts($sensor, $corner->ring, $corner->gapMetres, $turns);
        $share = ModuleInput::voltsPerEmf($corner->id, [$corner->id => $corner], $state, $corner->id);

        return [
            new Formula('coil-temperature', [
                'cold' => $sensor->coilOhmsAt20Celsius, 'warmer' => $state->hubCelsius - 20.0, 'ohms' => CopperResistance::at($state->hubCelsius, $sensor->coilOhmsAt20Celsius),
            ]),
            new Formula('passive-peak', [
                'k' => $sensor->signalVoltSeconds, 'teeth' => $corner->ring->teeth, 'turns' => $turns, 'gap' => $corner->gapMetres, 'decay' => $sensor->gapDecayMetres, 'volts' => $peak,
            ]),
            new Formula('divider', ['peak' => $peak, 'share' => $share, 'volts' => $peak * $share]),
            new Formula('sine-rms', ['peak' => $peak * $share, 'volts' => $peak * $share / M_SQRT2]),
            new Formula('threshold', ['volts' => $input->thresholdPeakVolts]),
        ];
    }

    /** @return list<Formula> */
    private static function current(Channel $corner, CurrentSensor $sensor, CurrentInput $input, float $hertz, bool $backward): array
    {
        $low = $sensor->lowAmperes * $input->shuntOhms;
        $high = $sensor->highAmperes * $input->shuntOhms;
        $levels = new Formula('shunt', ['ohms' => $input->shuntOhms, 'low' => $sensor->lowAmperes, 'high' => $sensor->highAmperes, 'lowVolts' => $low, 'highVolts' => $high]);
        if ($sensor->pulses === null) {
            return [$levels, new Formula('square-rms', ['step' => $high - $low, 'volts' => ($high - $low) / 2.0])];
        }
        $length = $sensor->pulses->seconds($backward, $corner->gapMetres / $sensor->greatestGapMetres);

        return [$levels, new Formula('pulse', ['seconds' => $length, 'hertz' => $hertz, 'duty' => min(1.0, $length * $hertz)])];
    }

    /** @return list<Formula> */
    private static function switched(SwitchSensor $sensor, SwitchInput $input, ElectricalState $state): array
    {
        $supply = $input->supplyVolts > 0.0 ? $input->supplyVolts : $state->moduleVolts();

        return $sensor->sinks
            ? [
                new Formula('pull-up', ['pull' => $input->pullVolts, 'pullOhms' => $input->pullOhms, 'input' => $input->inputOhms, 'volts' => $input->pullVolts * $input->inputOhms / ($input->pullOhms + $input->inputOhms)]),
                new Formula('pulled-down', ['pull' => $input->pullVolts, 'pullOhms' => $input->pullOhms, 'on' => $sensor->onOhms, 'volts' => $input->pullVolts * $sensor->onOhms / ($input->pullOhms + $sensor->onOhms)]),
            ]
            : [new Formula('pulled-up', ['supply' => $supply, 'pullOhms' => $input->pullOhms, 'on' => $sensor->onOhms, 'volts' => $supply * $input->pullOhms / ($input->pullOhms + $sensor->onOhms)])];
    }
}
