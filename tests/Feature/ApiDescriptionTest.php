<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Facades\Artisan;

final class ApiDescriptionTest extends FeatureTestCase
{
    public function test_the_description_in_the_tree_is_the_one_the_attributes_give(): void
    {
        Artisan::call('api:describe');

        self::assertSame(
            trim((string) file_get_contents(base_path('docs/openapi.json'))),
            trim(Artisan::output()),
            'run scripts/describe-api.sh',
        );
    }

    public function test_the_schema_of_actions_in_the_tree_is_the_one_the_procedures_give(): void
    {
        Artisan::call('api:actions');

        self::assertSame(trim((string) file_get_contents(base_path('docs/schemas/action.schema.json'))), trim(Artisan::output()), 'run scripts/describe-api.sh');
    }

    public function test_the_client_types_in_the_tree_are_the_ones_the_description_gives(): void
    {
        $fresh = tempnam(sys_get_temp_dir(), 'types').'.d.ts';
        exec('cd '.escapeshellarg(base_path()).' && npx openapi-typescript docs/openapi.json -o '.escapeshellarg($fresh).' 2>&1', $lines, $code);

        self::assertSame(0, $code, implode("\n", $lines));
        self::assertFileEquals(resource_path('js/api/schema.d.ts'), $fresh, 'run scripts/describe-api.sh');
    }
}
