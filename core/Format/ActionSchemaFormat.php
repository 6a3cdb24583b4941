<?php

declare(strict_types=1);

namespace Lernfall\Format;

use Lernfall\Bay\Contract\Note;
use Lernfall\Bay\Contract\ProcedureRegistry;
use Lernfall\Bay\Contract\Refusal;

/** The published schema of actions, put together from what each procedure says of its own. */
final readonly class ActionSchemaFormat
{
    /** Of actions and of what they show; 1 were those whose looks told in words what is wrong. */
    public const NUMBER = 2;

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
            'description' => 'One thing a person does, with its settings. Number '.self::NUMBER.' of actions and of what they show.',
            'version' => self::NUMBER,
            'oneOf' => array_map(static fn (string $name): array => ['$ref' => '#/$defs/'.$name], array_keys($definitions)),
            '$defs' => [
                ...$definitions,
                'tool' => ['enum' => $procedures->tools(), 'description' => 'A tool that a case may withhold'],
                'observation' => ['enum' => $procedures->observations(), 'description' => 'What sort of thing an action showed'],
                'refusal' => ['enum' => ['', ...array_column(Refusal::cases(), 'value')], 'description' => 'Why it was not done; empty where it was'],
                'note' => ['enum' => array_column(Note::cases(), 'value'), 'description' => 'What is said besides'],
            ],
        ];
    }
}
