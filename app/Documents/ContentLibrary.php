<?php

declare(strict_types=1);

namespace App\Documents;

use Lernfall\Bay\ClosedGround\DriveMemory;
use Lernfall\Bay\ClosedGround\KnownDrives;
use Lernfall\Bay\Contract\Simulator;
use Lernfall\Bay\Rooms;
use Lernfall\Evidence\Belief\Weighing;
use Lernfall\Evidence\EvidenceFactory;
use Lernfall\Evidence\Solving\Solver;
use Lernfall\Evidence\Variation\VariationLimits;
use Lernfall\Fault\Catalogue;
use Lernfall\Format\CaseReader;
use Lernfall\Format\CatalogueReader;
use Lernfall\Format\VariationReader;
use Lernfall\Format\WeighingReader;
use Lernfall\Format\WorkshopReader;
use Lernfall\Marking\Marker;
use Lernfall\Marking\Policy;

/** The files that ship with the application: cars, catalogue, workshop, policy. */
final class ContentLibrary
{
    private ?Simulator $simulator = null;

    private ?EvidenceFactory $evidence = null;

    public function __construct(private readonly KnownDrives $drives)
    {
    }

    /** @return array<string, array<array-key, mixed>> decoded vehicle files by id */
    public function vehicles(): array
    {
        $vehicles = [];
        foreach (glob(base_path('core/Vehicle/BuiltIn/*.json')) ?: [] as $file) {
            $vehicles[basename($file, '.json')] = CompiledJson::read($file);
        }

        return $vehicles;
    }

    public function catalogue(): Catalogue
    {
        return CatalogueReader::read(CompiledJson::read(base_path('core/Fault/catalogue.json')));
    }

    public function simulator(): Simulator
    {
        return $this->simulator ??= Rooms::simulator(WorkshopReader::read(CompiledJson::read(base_path('core/Bay/training-workshop.json')))->exchanging(DriveMemory::behind($this->drives)));
    }

    public function weighing(): Weighing
    {
        return WeighingReader::read(CompiledJson::read(base_path('core/Evidence/weighing.json')));
    }

    public function evidence(): EvidenceFactory
    {
        return $this->evidence ??= new EvidenceFactory($this->simulator(), $this->catalogue(), $this->weighing());
    }

    public function variation(): VariationLimits
    {
        return VariationReader::read(CompiledJson::read(base_path('core/Evidence/Variation/limits.json')));
    }

    public function solver(Policy $policy): Solver
    {
        return new Solver($this->evidence(), $policy->needlessRepair, $policy->demandsReading);
    }

    public function marker(): Marker
    {
        return new Marker($this->evidence());
    }

    /** @return array<string, array<array-key, mixed>> decoded marking policies by name */
    public function policies(): array
    {
        $policies = [];
        foreach (glob(base_path('core/Marking/policies/*.json')) ?: [] as $file) {
            $policies[basename($file, '.json')] = CompiledJson::read($file);
        }

        return $policies;
    }

    public function caseReader(): CaseReader
    {
        return new CaseReader($this->vehicles(), $this->catalogue(), $this->policies());
    }
}
