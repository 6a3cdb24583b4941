<?php

declare(strict_types=1);

namespace Lernfall\Sensor\Passive;

use Lernfall\Circuit\ElectricalState;
use Lernfall\Circuit\ModuleInput;
use Lernfall\Document\Node;
use Lernfall\Quantity;
use Lernfall\Sensor\SensorKind;
use Lernfall\Signal\CopperResistance;
use Lernfall\Signal\Formula;
use Lernfall\Vehicle\Channel;
use Lernfall\Vehicle\Sensor;

final readonly class PassiveKind implements SensorKind
{
    public function technologies(): array
    {
        return ['passive'];
    }

    public function sensor(string $technology, Node $node): PassiveSensor
    {
        Quantity::atLeast('coilOhmsAt20Celsius', $node->float('coilOhmsAt20Celsius'), Sensor::LEAST_OHMS);

        return new PassiveSensor($node->float('coilOhmsAt20Celsius'), $node->float('signalVoltSeconds'), $node->float('gapDecayMillimetres') / 1000.0);
    }

    public function inputName(): string
    {
        return 'passive';
    }

    public function input(Node $node): PassiveInput
    {
        return new PassiveInput(
            $node->float('biasVolts'), $node->float('railOhmsOn'), $node->float('railOhmsOff'), $node->float('pullUpOhms'),
            $node->float('pullDownOhms'), $node->float('acrossOhms'), $node->float('thresholdPeakVolts'),
            $node->has('singleEnded') && $node->bool('singleEnded'),
        );
    }

    public function formulas(Channel $channel, ElectricalState $state, float $turnsPerSecond): array
    {
        $sensor = $channel->sensor;
        $input = $channel->moduleEnd->input;
        if (! $sensor instanceof PassiveSensor || ! $input instanceof PassiveInput) {
            return [];
        }
        $turns = abs($turnsPerSecond);
        $peak = $sensor->peakVolts($channel->wheelEnd->ring, $channel->wheelEnd->gapMetres, $turns);
        $share = ModuleInput::voltsPerEmf($channel->id, [$channel->id => $channel], $state, $channel->id);

        return [
            new Formula('coil-temperature', [
                'cold' => $sensor->coilOhmsAt20Celsius, 'warmer' => $state->temperatures->ofSensor($channel->id) - 20.0, 'ohms' => CopperResistance::at($state->temperatures->ofSensor($channel->id), $sensor->coilOhmsAt20Celsius),
            ]),
            new Formula('passive-peak', [
                'k' => $sensor->signalVoltSeconds, 'teeth' => $channel->wheelEnd->ring->teeth, 'turns' => $turns, 'gap' => $channel->wheelEnd->gapMetres, 'decay' => $sensor->gapDecayMetres, 'volts' => $peak,
            ]),
            new Formula('divider', ['peak' => $peak, 'share' => $share, 'volts' => $peak * $share]),
            new Formula('sine-rms', ['peak' => $peak * $share, 'volts' => $peak * $share / M_SQRT2]),
            new Formula('threshold', ['volts' => $input->thresholdPeakVolts]),
        ];
    }
}
