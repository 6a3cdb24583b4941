<?php

declare(strict_types=1);

namespace Lernfall\Format;

use Lernfall\Bay\Hands\Hands;
use Lernfall\Bay\Inspection\Eyes;
use Lernfall\Bay\Meter\Meter;
use Lernfall\Bay\Meter\MeterFunction;
use Lernfall\Bay\Meter\MeterRange;
use Lernfall\Bay\Scope\Scope;
use Lernfall\Bay\Workshop\Rate;
use Lernfall\Bay\Workshop\Workshop;

/** Reads a workshop (meter, eyes, times and prices) from its decoded JSON. */
final readonly class WorkshopReader
{
    /** @throws InvalidDocument */
    public static function read(mixed $document): Workshop
    {
        $root = Node::root($document);
        $eyes = $root->at('eyes');
        $scope = $root->at('scope');
        $hands = $root->at('hands');
        $rates = [];
        foreach ($root->entries('rates') as $name => $node) {
            $rates[(string) $name] = new Rate($node->float(0), $node->float(1));
        }

        return new Workshop(
            self::meter($root->at('meter')),
            new Scope(
                $scope->float('inputOhms'), $scope->int('samples'), $scope->int('samplesCompared'), $scope->int('divisionsAcross'), $scope->int('divisionsUp'),
                $scope->int('stepsPerDivision'), $scope->float('noiseSteps'),
            ),
            new Eyes(
                $eyes->float('ringOnTheFloor'), $eyes->float('ringRaised'), $eyes->float('chafe'), $eyes->float('corrosion'),
                $eyes->float('faintCorrosion'), $eyes->float('faintBelowOhms'), $eyes->float('gapStrikesAbove'), $eyes->float('gapSpread'), $eyes->float('blemish'),
            ),
            new Hands($hands->float('wipesContact'), $hands->float('feelsPlayFromMillimetres') / 1000.0, $hands->float('feelSpread')),
            $root->float('benchLoadOhms'),
            $root->float('hubHalfLifeMinutes'),
            $root->float('costPerMinute'),
            $rates,
        );
    }

    private static function meter(Node $node): Meter
    {
        $ranges = [];
        $accuracy = [];
        foreach (MeterFunction::cases() as $function) {
            $settings = $node->at($function->value);
            $accuracy[$function->value] = $settings->float('accuracy');
            $list = [];
            foreach ($settings->entries('ranges') as $range) {
                $list[] = new MeterRange($range->float(0), $range->float(1), $range->has(2) ? $range->float(2) : 0.0);
            }
            $ranges[$function->value] = $list === [] ? throw $settings->at('ranges')->wrong('at least one range') : $list;
        }

        return new Meter($node->float('inputOhms'), $node->float('leadOhms'), $node->float('noiseDigits'), $node->float('hertzFromVolts'), $node->float('beepsBelowOhms'), $node->float('shuntOhms'), $node->float('fuseAmperes'), $ranges, $accuracy);
    }
}
