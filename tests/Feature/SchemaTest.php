<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Documents\SchemaCheck;
use Lernfall\Format\ActionReader;
use Lernfall\Format\InvalidDocument;
use Tests\Support\Workbench;

/** The published schemas and the readers agree. */
final class SchemaTest extends FeatureTestCase
{
    public function test_what_ships_fits_its_schema(): void
    {
        $schemas = new SchemaCheck;
        foreach (glob(base_path('examples/*.case.json')) ?: [] as $file) {
            $schemas->check(Workbench::json(substr($file, strlen(base_path()) + 1)), 'case');
        }
        foreach (glob(base_path('examples/*.script.json')) ?: [] as $file) {
            $schemas->check(Workbench::json(substr($file, strlen(base_path()) + 1)), 'script');
        }
        $schemas->check(Workbench::json('core/Vehicle/BuiltIn/harl-13.json'), 'vehicle');
        $schemas->check(Workbench::json('core/Marking/workshop-policy.json'), 'policy');
        $schemas->check($this->published()->decoded(), 'case');
        $this->addToAssertionCount(5);
    }

    public function test_schema_and_reader_know_the_same_actions(): void
    {
        $schema = Workbench::json('docs/schemas/action.schema.json');

        self::assertEqualsCanonicalizing(
            ActionReader::NAMES,
            array_map(static fn (array $one): string => $schema['$defs'][basename($one['$ref'])]['properties']['do']['const'], $schema['oneOf']),
        );
    }

    public function test_what_the_schema_refuses_the_check_explains(): void
    {
        $this->expectException(InvalidDocument::class);
        $this->expectExceptionMessage('/faults/0');
        (new SchemaCheck)->check([...$this->document(), 'faults' => [['kind' => 'coil-open', 'channel' => 7]]], 'case');
    }
}
