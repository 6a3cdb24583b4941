<?php

declare(strict_types=1);

namespace Lernfall\Format;

use Lernfall\Document\InvalidDocument;
use Lernfall\Document\Node;
use Lernfall\Vehicle\CurrentInput;
use Lernfall\Vehicle\CurrentSensor;
use Lernfall\Vehicle\InputStage;
use Lernfall\Vehicle\PassiveInput;
use Lernfall\Vehicle\PassiveSensor;
use Lernfall\Vehicle\Pulses;
use Lernfall\Vehicle\Sensor;
use Lernfall\Vehicle\SwitchInput;
use Lernfall\Vehicle\SwitchSensor;

/** Reads sensors and the module's inputs for them. Currents are in milliamperes, lengths in millimetres. */
final readonly class SensorReader
{
    /** @throws InvalidDocument */
    public static function sensor(Node $node): Sensor
    {
        $kind = $node->text('kind');

        return match ($kind) {
            'passive' => new PassiveSensor($node->float('coilOhmsAt20Celsius'), $node->float('signalVoltSeconds'), $node->float('gapDecayMillimetres') / 1000.0),
            'current', 'pulse-width' => new CurrentSensor(
                $node->float('lowMilliamperes') / 1000.0, $node->float('highMilliamperes') / 1000.0, $node->float('wakesAtVolts'), $node->float('fullAtVolts'),
                $node->float('leakOhms'), $node->float('backwardsVolts'), $node->float('backwardsOhms'), $node->float('greatestGapMillimetres') / 1000.0, $kind === 'pulse-width' ? self::pulses($node->at('pulses')) : null,
            ),
            'sinking', 'sourcing' => new SwitchSensor(
                $kind === 'sinking', $node->float('consumptionOhms'), $node->float('onOhms'), $node->float('leastVolts'), $node->float('greatestGapMillimetres') / 1000.0,
            ),
            default => throw $node->at('kind')->wrong('one of passive, current, pulse-width, sinking, sourcing'),
        };
    }

    private static function pulses(Node $node): Pulses
    {
        return new Pulses(
            $node->float('forwardMicroseconds') * 1e-6, $node->float('backwardMicroseconds') * 1e-6, $node->float('weakMicroseconds') * 1e-6, $node->float('weakFromShare'),
            $node->float('standstillMicroseconds') * 1e-6, $node->float('standstillEveryMilliseconds') / 1000.0,
        );
    }

    /** @throws InvalidDocument */
    public static function input(Node $node): InputStage
    {
        return match ($node->text('kind')) {
            'passive' => new PassiveInput(
                $node->float('biasVolts'), $node->float('railOhmsOn'), $node->float('railOhmsOff'), $node->float('pullUpOhms'),
                $node->float('pullDownOhms'), $node->float('acrossOhms'), $node->float('thresholdPeakVolts'),
            ),
            'current' => new CurrentInput(
                $node->float('switchOhms'), $node->float('testVolts'), $node->float('testOhms'), $node->float('offOhms'), $node->float('shuntOhms'),
                $node->bool('sensesReturn'), $node->float('thresholdMilliamperes') / 1000.0, $node->float('leastTestMilliamperes') / 1000.0, $node->float('leastTestVolts'),
            ),
            'switch' => new SwitchInput(
                $node->float('supplyVolts'), $node->float('supplyOhms'), $node->float('offOhms'), $node->float('groundOhms'), $node->float('pullVolts'),
                $node->float('pullOhms'), $node->float('inputOhms'), $node->float('thresholdVolts'), $node->float('leastSupplyMilliamperes') / 1000.0, $node->float('leastSupplyVolts'),
            ),
            default => throw $node->at('kind')->wrong('one of passive, current, switch'),
        };
    }
}
