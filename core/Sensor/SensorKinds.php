<?php

declare(strict_types=1);

namespace Lernfall\Sensor;

use Lernfall\Circuit\ElectricalState;
use Lernfall\Document\InvalidDocument;
use Lernfall\Document\Node;
use Lernfall\Sensor\Current\CurrentKind;
use Lernfall\Sensor\Passive\PassiveKind;
use Lernfall\Sensor\PulseWidth\PulseWidthKind;
use Lernfall\Sensor\ThreeWire\ThreeWireKind;
use Lernfall\Signal\Formula;
use Lernfall\Vehicle\Channel;
use Lernfall\Vehicle\InputStage;
use Lernfall\Vehicle\Sensor;

/** The kinds of sensors there are: here, and only here, all of them are known. */
final readonly class SensorKinds
{
    /** @return list<SensorKind> */
    private static function all(): array
    {
        return [new PassiveKind, new CurrentKind, new PulseWidthKind, new ThreeWireKind];
    }

    /** @return list<string> */
    public static function technologies(): array
    {
        return array_merge(...array_map(static fn (SensorKind $kind): array => $kind->technologies(), self::all()));
    }

    /** @throws InvalidDocument */
    public static function sensor(Node $node): Sensor
    {
        $technology = $node->word('kind', self::technologies());

        return $node->built(static fn (Node $here): Sensor => self::of($technology)->sensor($technology, $here));
    }

    /** @throws InvalidDocument */
    public static function input(Node $node): InputStage
    {
        $kinds = [];
        foreach (self::all() as $kind) {
            $kinds[$kind->inputName()] = $kind;
        }

        $kind = $kinds[$node->word('kind', array_values(array_filter(array_keys($kinds), static fn (string $name): bool => $name !== '')))];

        return $node->built(static fn (Node $here): InputStage => $kind->input($here));
    }

    /**
     * @param  float  $turnsPerSecond  below zero backwards
     * @return list<Formula>
     */
    public static function formulas(Channel $channel, ElectricalState $state, float $turnsPerSecond): array
    {
        return self::of($channel->sensor->technology())->formulas($channel, $state, $turnsPerSecond);
    }

    private static function of(string $technology): SensorKind
    {
        foreach (self::all() as $kind) {
            if (in_array($technology, $kind->technologies(), true)) {
                return $kind;
            }
        }

        throw UnknownTechnology::named($technology);
    }
}
