<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Documents\SchemaCheck;
use Lernfall\Bay\Rooms;
use Lernfall\Document\InvalidDocument;
use Lernfall\Format\Script;
use Tests\Support\ActionExamples;
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
        foreach (['workshop', 'first-year', 'examination'] as $name) {
            $schemas->check(Workbench::json("core/Marking/policies/$name.json"), 'policy');
        }
        $schemas->check($this->published()->version->decoded(), 'case');
        $this->addToAssertionCount(5);
    }

    public function test_the_schema_of_a_case_knows_every_symptom(): void
    {
        $schema = Workbench::json('docs/schemas/case.schema.json');

        self::assertSame(array_keys(Workbench::catalogue()->symptoms), $schema['$defs']['symptom']['enum']);
    }

    public function test_schema_and_reader_know_the_same_actions(): void
    {
        $schema = Workbench::json('docs/schemas/action.schema.json');

        self::assertEqualsCanonicalizing(
            Rooms::procedures()->names(),
            array_map(static fn (array $one): string => $schema['$defs'][basename($one['$ref'])]['properties']['do']['const'], $schema['oneOf']),
        );
    }

    /** What one of the two lets through and the other does not would be a trap for whoever writes scripts. */
    public function test_schema_and_reader_agree_on_what_is_an_action(): void
    {
        $schemas = new SchemaCheck;
        foreach (ActionExamples::all() as $action) {
            $schemas->check($this->script($action), 'script');
        }
        foreach (ActionExamples::broken() as $what => [$action]) {
            try {
                $schemas->check($this->script($action), 'script');
                self::fail("the schema lets through: $what");
            } catch (InvalidDocument) {
                $this->addToAssertionCount(1);
            }
        }
    }

    /**
     * @param  array<string, mixed>  $action
     * @return array<string, mixed>
     */
    private function script(array $action): array
    {
        return ['format' => Script::FORMAT, 'actions' => [$action]];
    }

    public function test_what_the_schema_refuses_the_check_explains(): void
    {
        $this->expectException(InvalidDocument::class);
        $this->expectExceptionMessage('/faults/0');
        (new SchemaCheck)->check([...$this->document(), 'faults' => [['kind' => 'coil-open', 'channel' => 7]]], 'case');
    }
}
