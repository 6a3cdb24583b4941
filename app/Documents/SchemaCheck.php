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
        [$file, $part] = [...explode('#', $schema, 2), ''];
        $validator = new Validator;
        $validator->resolver()?->registerPrefix(self::PREFIX, base_path('docs/schemas'));
        $error = $validator->validate(Helper::toJSON($document), self::PREFIX."$file.schema.json".($part === '' ? '' : "#/\$defs/$part"))->error();
        if ($error !== null) {
            $deepest = $this->deepest($error);
            $pointer = implode('', array_map(static fn (int|string $part): string => "/$part", $deepest->data()->fullPath()));

            throw InvalidDocument::because($pointer, (new ErrorFormatter)->formatErrorMessage($deepest));
        }
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
