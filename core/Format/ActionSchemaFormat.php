<?php

declare(strict_types=1);

namespace Lernfall\Format;

use Lernfall\Bay\Contract\ProcedureRegistry;

/** The published schema of actions, put together from what each procedure says of its own. */
final readonly class ActionSchemaFormat
{
    /** @return array<string, mixed> JSON Schema, draft 2020-12 */
    public static function write(ProcedureRegistry $procedures): array
    {
        $definitions = [];
        foreach ($procedures->all() as $procedure) {
            $definitions[$procedure->name()] = $procedure->schema()->json($procedure->name());
        }

        return [
            '$schema' => 'https://json-schema.org/draft/2020-12/schema',
            '$id' => 'https://lernfall.invalid/schemas/action.schema.json',
            'title' => 'Action',
            'description' => 'One thing a person does, with its settings.',
            'oneOf' => array_map(static fn (string $name): array => ['$ref' => '#/$defs/'.$name], array_keys($definitions)),
            '$defs' => [...$definitions, 'tool' => ['enum' => $procedures->tools(), 'description' => 'A tool that a case may withhold']],
        ];
    }
}
