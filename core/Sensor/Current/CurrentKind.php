<?php

declare(strict_types=1);

namespace Lernfall\Sensor\Current;

use Lernfall\Circuit\ElectricalState;
use Lernfall\Document\InvalidDocument;
use Lernfall\Document\Node;
use Lernfall\Quantity;
use Lernfall\Sensor\SensorKind;
use Lernfall\Signal\Formula;
use Lernfall\Vehicle\Channel;
use Lernfall\Vehicle\Sensor;

final readonly class CurrentKind implements SensorKind
{
    public function technologies(): array
    {
        return ['current'];
    }

    public function sensor(string $technology, Node $node): CurrentSensor
    {
        return self::read($node);
    }

    /** @throws InvalidDocument */
    public static function read(Node $node): CurrentSensor
    {
        Quantity::atLeast('leakOhms', $node->float('leakOhms'), Sensor::LEAST_OHMS);

        return new CurrentSensor(
            new CurrentLevels($node->float('lowMilliamperes') / 1000.0, $node->float('highMilliamperes') / 1000.0, $node->float('wakesAtVolts'), $node->float('fullAtVolts')),
            $node->float('leakOhms'), $node->float('backwardsVolts'), $node->float('backwardsOhms'), $node->float('greatestGapMillimetres') / 1000.0,
            reverseProtected: $node->has('reverseProtected') && $node->bool('reverseProtected'),
        );
    }

    public function inputName(): string
    {
        return 'current';
    }

    public function input(Node $node): CurrentInput
    {
        return new CurrentInput(
            $node->float('switchOhms'),
            new WeakTest($node->float('testVolts'), $node->float('testOhms'), $node->float('leastTestMilliamperes') / 1000.0, $node->float('leastTestVolts')),
            $node->float('offOhms'), $node->float('shuntOhms'), $node->bool('sensesReturn'), $node->float('thresholdMilliamperes') / 1000.0,
            $node->has('greatestMilliamperes') ? $node->float('greatestMilliamperes') / 1000.0 : INF,
        );
    }

    public function formulas(Channel $channel, ElectricalState $state, float $turnsPerSecond): array
    {
        if (! $channel->sensor instanceof CurrentSensor || ! $channel->moduleEnd->input instanceof CurrentInput) {
            return [];
        }
        $levels = self::levels($channel->sensor, $channel->moduleEnd->input);
        $step = $levels->numbers['highVolts'] - $levels->numbers['lowVolts'];

        return [$levels, new Formula('square-rms', ['step' => $step, 'volts' => $step / 2.0])];
    }

    /** The two currents as voltages over the shunt. */
    public static function levels(CurrentSensor $sensor, CurrentInput $input): Formula
    {
        return new Formula('shunt', [
            'ohms' => $input->shuntOhms, 'low' => $sensor->levels->lowAmperes, 'high' => $sensor->levels->highAmperes,
            'lowVolts' => $sensor->levels->lowAmperes * $input->shuntOhms, 'highVolts' => $sensor->levels->highAmperes * $input->shuntOhms,
        ]);
    }
}
