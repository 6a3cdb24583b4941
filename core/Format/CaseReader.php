<?php

declare(strict_types=1);

namespace Lernfall\Format;

use Lernfall\Bay\Job\FaultCase;
use Lernfall\Bay\Repair\RepairKind;
use Lernfall\Bay\Rooms;
use Lernfall\Document\InvalidDocument;
use Lernfall\Document\Node;
use Lernfall\Document\Pointer;
use Lernfall\Evidence\Belief\CaseKnowledge;
use Lernfall\Fault\Catalogue;
use Lernfall\Fault\Fault;
use Lernfall\Fault\InvalidFault;
use Lernfall\Fault\Symptom;
use Lernfall\Vehicle\Provocation;
use Lernfall\Vehicle\Vehicle;

/** Reads a case file from its decoded JSON; docs/case-format.md describes it. */
final readonly class CaseReader
{
    public const FORMAT = 'lernfall-case/2';

    /** Without symptoms and repairs made elsewhere, and always with a fault. */
    private const BEFORE = 'lernfall-case/1';

    private const VEHICLE = '/vehicle';

    /** Holds where a case says nothing about marking. */
    public const USUAL_POLICY = 'workshop';

    /**
     * @param  array<string, array<array-key, mixed>>  $vehicles  decoded vehicle files by id
     * @param  array<string, array<array-key, mixed>>  $policies  decoded policies by name; the one of that name below holds where the case brings none
     */
    public function __construct(private array $vehicles, private Catalogue $catalogue, private array $policies)
    {
    }

    /** @throws InvalidDocument */
    public function read(mixed $document): CaseDocument
    {
        $root = Node::root($document);
        if (! in_array($root->text('format'), [self::FORMAT, self::BEFORE], true)) {
            throw $root->at('format')->wrong('format', ['format' => self::FORMAT]);
        }
        $vehicle = $this->vehicle($root);

        return new CaseDocument(
            new FaultCase($root->text('name'), $root->text('jobTitle'), $root->text('complaint'), $vehicle, $this->faults($root, $vehicle), $this->averages($root), $this->withheld($root), $this->madeElsewhere($root)),
            PolicyReader::read(Node::within($this->policyDocument($root), '/policy')),
            $this->knowledge($root, $vehicle),
            $root->has('practice') && $root->bool('practice'),
        );
    }

    /** The car of the case as a whole is checked, with the values it sets itself in their places. */
    private function vehicle(Node $root): Vehicle
    {
        try {
            return VehicleReader::from(Node::within(OlderVehicle::upgraded($this->vehicleDocument($root)), self::VEHICLE));
        } catch (InvalidDocument $invalid) {
            throw $this->whereSet($invalid, $root);
        }
    }

    /** What is wrong with a value the case sets is said of that entry. */
    private function whereSet(InvalidDocument $invalid, Node $root): InvalidDocument
    {
        foreach ($root->has('carValues') ? array_keys($root->entries('carValues')) : [] as $pointer) {
            $set = self::VEHICLE.$pointer;
            if ($invalid->pointer === $set || str_starts_with($invalid->pointer, "$set/")) {
                return InvalidDocument::because($root->at('carValues')->at($pointer)->pointer(), $invalid->messageKey, $invalid->parameters);
            }
        }

        return $invalid;
    }

    private function knowledge(Node $root, Vehicle $vehicle): CaseKnowledge
    {
        $symptoms = $this->symptoms($root);
        if (! $root->has('knowledge')) {
            return new CaseKnowledge(symptoms: $symptoms);
        }
        $node = $root->at('knowledge');
        $pairs = $node->has('pairs') ? $node->at('pairs')->items() : [];

        return new CaseKnowledge(
            $node->has('priorFactors') ? $this->factors($node->at('priorFactors')) : [],
            array_values(array_map(fn (Node $pair): array => $this->sharing($this->faultsOf($pair, $vehicle), $pair), $pairs)),
            $node->has('lampTold') ? $node->bool('lampTold') : null,
            $symptoms,
        );
    }

    /** @return list<Symptom> what the customer has noticed; left out, nothing that helps */
    private function symptoms(Node $root): array
    {
        $ids = $root->has('symptoms') ? $root->texts('symptoms') : [];

        return array_map(fn (string $id): Symptom => $this->catalogue->symptoms[$id] ?? throw $root->at('symptoms')->noneOf(array_keys($this->catalogue->symptoms)), $ids);
    }

    /** @return array<string, float> by kind of fault, or "nothing" */
    private function factors(Node $node): array
    {
        $factors = [];
        foreach (array_keys($node->items()) as $kind) {
            $factor = $node->float($kind);
            if ($kind !== 'nothing' && ! isset($this->catalogue->entries[$kind]) || $factor <= 0.0) {
                throw $node->at($kind)->wrong('factor');
            }
            $factors[(string) $kind] = $factor;
        }

        return $factors;
    }

    /** Which kind of meter lies on the bench; left out, one that shows true RMS. */
    private function averages(Node $root): bool
    {
        $meter = $root->has('meter') ? $root->text('meter') : 'true-rms';

        return match ($meter) {
            'true-rms' => false,
            'averaging' => true,
            default => throw $root->at('meter')->wrong('meter-kind'),
        };
    }

    /** @return list<string> what is not in the bay; left out, everything is */
    private function withheld(Node $root): array
    {
        $withheld = $root->has('withheld') ? $root->texts('withheld') : [];
        $tools = Rooms::procedures()->tools();

        return array_diff($withheld, $tools) === [] ? $withheld : throw $root->at('withheld')->wrong('out-of', ['choices' => implode(', ', $tools)]);
    }

    /** @return list<string> kinds of repair that are not made in this workshop; left out, all are */
    private function madeElsewhere(Node $root): array
    {
        $elsewhere = $root->has('madeElsewhere') ? $root->texts('madeElsewhere') : [];
        $kinds = array_column(RepairKind::cases(), 'value');

        return array_diff($elsewhere, $kinds) === [] ? $elsewhere : throw $root->at('madeElsewhere')->noneOf($kinds);
    }

    /**
     * The same case with everything it refers to inside it, so that later changes of the built-in files cannot reach it.
     *
     * @param  array<array-key, mixed>  $document
     * @return array<array-key, mixed>
     *
     * @throws InvalidDocument
     */
    public function frozen(array $document): array
    {
        $this->read($document);
        $document['vehicle'] = $this->vehicleDocument(Node::root($document));
        $document['policy'] = $this->policyDocument(Node::root($document));
        unset($document['car'], $document['carValues']);

        return $document;
    }

    /** @return array<array-key, mixed> the case's own, one it names, or the usual one */
    private function policyDocument(Node $root): array
    {
        $policy = $root->has('policy') ? $root->at('policy')->value() : self::USUAL_POLICY;

        return match (true) {
            is_array($policy) => $policy,
            is_string($policy) && isset($this->policies[$policy]) => $this->policies[$policy],
            default => throw $root->at('policy')->wrong('policy', ['choices' => implode(', ', array_keys($this->policies))]),
        };
    }

    /** @return array<array-key, mixed> */
    private function vehicleDocument(Node $root): array
    {
        if ($root->has('vehicle')) {
            $vehicle = $root->at('vehicle')->value();

            return is_array($vehicle) ? $vehicle : throw $root->at('vehicle')->wrong('vehicle');
        }
        $document = $this->vehicles[$root->text('car')] ?? throw $root->at('car')->noneOf(array_keys($this->vehicles));
        foreach ($root->has('carValues') ? $root->entries('carValues') : [] as $pointer => $value) {
            $document = Pointer::replaced($document, (string) $pointer, $value);
        }

        return $document;
    }

    /** @return list<Fault> none where the complaint is of normal behaviour */
    private function faults(Node $root, Vehicle $vehicle): array
    {
        $faults = $this->sharing($this->faultsOf($root->at('faults'), $vehicle), $root->at('faults'));

        return $faults === [] && $root->text('format') === self::BEFORE ? throw $root->at('faults')->wrong('a-fault') : $faults;
    }

    /**
     * @return list<Fault>
     *
     * @throws InvalidDocument
     */
    private function faultsOf(Node $list, Vehicle $vehicle): array
    {
        $faults = [];
        foreach ($list->items() as $node) {
            try {
                $faults[] = $this->catalogue->fault(
                    $vehicle,
                    $node->text('kind'),
                    $node->text('channel'),
                    $node->has('conductor') ? $node->text('conductor') : '',
                    $node->has('strength') ? $node->float('strength') : null,
                    $node->has('provokedBy') ? $this->provocation($node) : null,
                );
            } catch (InvalidFault $invalid) {
                throw InvalidDocument::because($node->pointer().'/'.$invalid->field, $invalid->messageKey, $invalid->parameters);
            }
        }

        return $faults;
    }

    /**
     * Whatever comes and goes on a channel comes and goes together.
     *
     * @param  list<Fault>  $faults
     * @return list<Fault>
     */
    private function sharing(array $faults, Node $list): array
    {
        $first = [];
        foreach ($faults as $index => $fault) {
            if ($fault->provokedBy !== null && ($first[$fault->channel] ??= $fault->provokedBy) !== $fault->provokedBy) {
                throw InvalidDocument::because(
                    $list->at($index)->pointer().'/provokedBy',
                    'invalid-fault.provoked-otherwise',
                    ['channel' => $fault->channel, 'provocation' => $first[$fault->channel]->value],
                );
            }
        }

        return $faults;
    }

    private function provocation(Node $node): Provocation
    {
        return Provocation::tryFrom($node->text('provokedBy')) ?? throw $node->at('provokedBy')->noneOf(array_column(Provocation::cases(), 'value'));
    }
}
