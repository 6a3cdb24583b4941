<?php

declare(strict_types=1);

namespace App\Documents;

use JsonException;
use Lernfall\Document\InvalidDocument;

/** Reads a JSON file, or says what is wrong with it. */
final readonly class JsonFile
{
    private const GREATEST_DEPTH = 64;

    /**
     * @return array<array-key, mixed>
     *
     * @throws InvalidDocument
     */
    public static function read(string $path): array
    {
        $text = is_file($path) ? file_get_contents($path) : false;
        if ($text === false) {
            throw InvalidDocument::because('', 'document.no-file', ['file' => $path]);
        }
        try {
            $document = json_decode($text, true, self::GREATEST_DEPTH, JSON_THROW_ON_ERROR);
        } catch (JsonException $error) {
            throw InvalidDocument::because('', 'document.not-json', ['file' => $path, 'why' => $error->getMessage()]);
        }

        return is_array($document) ? $document : throw InvalidDocument::expected('', 'object', $document);
    }
}
