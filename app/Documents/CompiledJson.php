<?php

declare(strict_types=1);

namespace App\Documents;

use Lernfall\Document\InvalidDocument;

/**
 * A JSON file that ships with the application, decoded once and kept as PHP, which the opcode cache holds decoded.
 * What is kept is named after the contents of the file, so that a changed file is never answered from an older one.
 */
final readonly class CompiledJson
{
    /**
     * @return array<array-key, mixed>
     *
     * @throws InvalidDocument as JsonFile does
     */
    public static function read(string $path): array
    {
        $hash = is_file($path) ? hash_file('xxh128', $path) : false;
        if ($hash === false) {
            return JsonFile::read($path);
        }
        $kept = self::folder().'/'.basename($path, '.json')."-$hash.php";
        /** @var array<array-key, mixed>|false $document */
        $document = is_file($kept) ? include $kept : false;
        if ($document === false) {
            $document = JsonFile::read($path);
            self::keep($kept, $document);
        }

        return $document;
    }

    /**
     * Beside the file first and then renamed, so that nobody reads half of it. Where nothing can be written,
     * nothing is kept.
     *
     * @param  array<array-key, mixed>  $document
     */
    private static function keep(string $file, array $document): void
    {
        $folder = dirname($file);
        if (! is_dir($folder) && ! @mkdir($folder, 0o775, true) && ! is_dir($folder)) {
            return;
        }
        $unfinished = @tempnam($folder, 'content');
        if ($unfinished !== false && @file_put_contents($unfinished, '<?php return '.var_export($document, true).';') !== false) {
            chmod($unfinished, 0o664);
            rename($unfinished, $file);
        }
    }

    private static function folder(): string
    {
        return storage_path('framework/cache/content');
    }
}
