<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Documents\CompiledJson;
use App\Documents\JsonFile;
use Lernfall\Document\InvalidDocument;

final class CompiledJsonTest extends FeatureTestCase
{
    public function test_every_shipped_file_is_the_same_to_the_last_digit(): void
    {
        $files = [
            ...glob(base_path('core/*/*.json')) ?: [], ...glob(base_path('core/*/*/*.json')) ?: [], ...glob(base_path('docs/schemas/*.json')) ?: [],
            resource_path('lang/en.json'),
        ];
        self::assertGreaterThan(12, count($files));
        foreach ($files as $file) {
            self::assertSame(JsonFile::read($file), CompiledJson::read($file), $file);
            self::assertSame(JsonFile::read($file), CompiledJson::read($file), "$file, kept");
        }
    }

    public function test_a_changed_file_is_read_anew_and_a_broken_one_is_explained(): void
    {
        $file = sys_get_temp_dir().'/lernfall-'.bin2hex(random_bytes(6)).'.json';
        file_put_contents($file, '{"volts": 12.6}');
        self::assertSame(['volts' => 12.6], CompiledJson::read($file));
        file_put_contents($file, '{"volts": 12.7}');
        self::assertSame(['volts' => 12.7], CompiledJson::read($file));
        file_put_contents($file, '{"volts": ');
        try {
            $this->expectException(InvalidDocument::class);
            CompiledJson::read($file);
        } finally {
            unlink($file);
            array_map(unlink(...), glob(storage_path('framework/cache/content/'.basename($file, '.json').'-*')) ?: []);
        }
    }
}
