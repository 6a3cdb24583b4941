<?php

declare(strict_types=1);

namespace App\Documents;

use Lernfall\Document\InvalidDocument;
use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Errors\ValidationError;
use Opis\JsonSchema\Helper;
use Opis\JsonSchema\Validator;

/** Checks documents against the published schemas in docs/schemas. */
final readonly class SchemaCheck
{
    private const PREFIX = 'https://lernfall.invalid/schemas/';

    /**
     * @param  array<array-key, mixed>  $document
     * @param  string  $schema  name without ending, for example "case"; a part of it behind a hash
     *
     * @throws InvalidDocument naming the first place that does not fit
     */
    public function check(array $document, string $schema): void
    {
        $validator = new Validator;
        $validator->resolver()?->registerPrefix(self::PREFIX, base_path('docs/schemas'));
        $error = $validator->validate(Helper::toJSON($document), $this->schema(...explode('#', $schema, 2)))->error();
        if ($error !== null) {
            $deepest = $this->deepest($error);
            $pointer = implode('', array_map(static fn (int|string $part): string => "/$part", $deepest->data()->fullPath()));

            throw InvalidDocument::because($pointer, 'document.schema', ['why' => (new ErrorFormatter)->formatErrorMessage($deepest)]);
        }
    }

    /** Its address; or the part alone, which refers to nothing else and is read ten times as fast as the whole. */
    private function schema(string $file, ?string $part = null): string|object
    {
        if ($part === null) {
            return self::PREFIX."$file.schema.json";
        }
        $whole = CompiledJson::read(base_path("docs/schemas/$file.schema.json"));
        $parts = $whole['$defs'] ?? [];
        $schema = is_array($parts) ? $parts[$part] ?? null : null;

        return is_array($schema) ? Helper::toJSON(['$schema' => $whole['$schema'] ?? ''] + $schema) : self::PREFIX."$file.schema.json#/\$defs/$part";
    }

    /** The error that lies deepest in the document tells the most. */
    private function deepest(ValidationError $error): ValidationError
    {
        $deepest = $error;
        foreach ($error->subErrors() as $inner) {
            $candidate = $this->deepest($inner);
            if (count($candidate->data()->fullPath()) >= count($deepest->data()->fullPath())) {
                $deepest = $candidate;
            }
        }

        return $deepest;
    }
}
