<?php

declare(strict_types=1);

namespace Lernfall\Sensor\PulseWidth;

use Lernfall\Circuit\ElectricalState;
use Lernfall\Document\Node;
use Lernfall\Sensor\Current\CurrentInput;
use Lernfall\Sensor\Current\CurrentKind;
use Lernfall\Sensor\SensorKind;
use Lernfall\Signal\Formula;
use Lernfall\Vehicle\Channel;

/** Its input is that of current sensors. */
final readonly class PulseWidthKind implements SensorKind
{
    public function technologies(): array
    {
        return ['pulse-width'];
    }

    public function sensor(string $technology, Node $node): PulseWidthSensor
    {
        $pulses = $node->at('pulses');

        return new PulseWidthSensor(CurrentKind::read($node), new Pulses(
            $pulses->float('forwardMicroseconds') * 1e-6, $pulses->float('backwardMicroseconds') * 1e-6, $pulses->float('weakMicroseconds') * 1e-6, $pulses->float('weakFromShare'),
            $pulses->float('standstillMicroseconds') * 1e-6, $pulses->float('standstillEveryMilliseconds') / 1000.0,
        ));
    }

    public function inputName(): string
    {
        return '';
    }

    public function input(Node $node): CurrentInput
    {
        return (new CurrentKind)->input($node);
    }

    public function formulas(Channel $channel, ElectricalState $state, float $turnsPerSecond): array
    {
        if (! $channel->sensor instanceof PulseWidthSensor || ! $channel->moduleEnd->input instanceof CurrentInput) {
            return [];
        }
        $length = $channel->sensor->pulseSeconds($turnsPerSecond < 0.0, $channel->wheelEnd->gapMetres);
        $hertz = $channel->wheelEnd->ring->teeth * abs($turnsPerSecond);

        return [
            CurrentKind::levels($channel->sensor->output, $channel->moduleEnd->input),
            new Formula('pulse', ['seconds' => $length, 'hertz' => $hertz, 'duty' => min(1.0, $length * $hertz)]),
        ];
    }
}
