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
            throw InvalidDocument::because('', "there is no file '$path' that can be read");
        }
        try {
            $document = json_decode($text, true, self::GREATEST_DEPTH, JSON_THROW_ON_ERROR);
        } catch (JsonException $error) {
            throw InvalidDocument::because('', "'$path' is not JSON (".$error->getMessage().')');
        }

        return is_array($document) ? $document : throw InvalidDocument::expected('', 'an object', $document);
    }
}
