<?php

declare(strict_types=1);

namespace Lernfall\Sensor;

use Lernfall\Circuit\ElectricalState;
use Lernfall\Document\InvalidDocument;
use Lernfall\Document\Node;
use Lernfall\Signal\Formula;
use Lernfall\Vehicle\Channel;
use Lernfall\Vehicle\InputStage;
use Lernfall\Vehicle\Sensor;

/** A way in which speed sensors work: how they and their inputs are read from a vehicle file, and what explains them. */
interface SensorKind
{
    /** @return list<string> permanent names of the technologies, as they stand in "kind" of a sensor */
    public function technologies(): array;

    /**
     * @param  string  $technology  one of its own
     *
     * @throws InvalidDocument
     */
    public function sensor(string $technology, Node $node): Sensor;

    /** Permanent name of its input, as it stands in "kind" of an input; "" where it shares that of another kind. */
    public function inputName(): string;

    /** @throws InvalidDocument */
    public function input(Node $node): InputStage;

    /**
     * The formulas behind a channel, with the numbers put in, in the order of the signal.
     *
     * @param  float  $turnsPerSecond  below zero backwards
     * @return list<Formula>
     */
    public function formulas(Channel $channel, ElectricalState $state, float $turnsPerSecond): array;
}
