<?php

declare(strict_types=1);

namespace App\Documents;

use Lernfall\Bay\Simulator;
use Lernfall\Fault\Catalogue;
use Lernfall\Format\CaseReader;
use Lernfall\Format\CatalogueReader;
use Lernfall\Format\WorkshopReader;

/** The files that ship with the application: cars, catalogue, workshop, policy. */
final readonly class BuiltIn
{
    /** @return array<string, array<array-key, mixed>> decoded vehicle files by id */
    public function vehicles(): array
    {
        $vehicles = [];
        foreach (glob(base_path('core/Vehicle/BuiltIn/*.json')) ?: [] as $file) {
            $vehicles[basename($file, '.json')] = JsonFile::read($file);
        }

        return $vehicles;
    }

    public function catalogue(): Catalogue
    {
        return CatalogueReader::read(JsonFile::read(base_path('core/Fault/catalogue.json')));
    }

    public function simulator(): Simulator
    {
        return new Simulator(WorkshopReader::read(JsonFile::read(base_path('core/Bay/training-workshop.json'))));
    }

    /** @return array<array-key, mixed> */
    public function policy(): array
    {
        return JsonFile::read(base_path('core/Marking/workshop-policy.json'));
    }

    public function caseReader(): CaseReader
    {
        return new CaseReader($this->vehicles(), $this->catalogue(), $this->policy());
    }
}
