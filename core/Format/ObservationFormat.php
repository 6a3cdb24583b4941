<?php

declare(strict_types=1);

namespace Lernfall\Format;

use Lernfall\Bay\Observation;
use Lernfall\Bay\ObservedNumber;

/** Observations as JSON and back: numbers in SI units with the display's own step, words as keys. */
final readonly class ObservationFormat
{
    /** @return array{kind: string, values: array<array-key, mixed>, refusal: string, notes: list<string>} */
    public static function write(Observation $observation): array
    {
        return [
            'kind' => $observation->kind,
            'values' => array_map(static fn (ObservedNumber|string $value): mixed => $value instanceof ObservedNumber
                ? ['unit' => $value->unit, 'si' => $value->si, 'resolution' => $value->resolution, 'overload' => $value->overload]
                : $value, $observation->values),
            'refusal' => $observation->refusal,
            'notes' => $observation->notes,
        ];
    }

    /** @throws InvalidDocument */
    public static function read(mixed $document): Observation
    {
        $root = Node::root($document);
        $values = [];
        foreach ($root->entries('values') as $name => $node) {
            $values[$name] = is_string($node->value()) ? $node->value() : self::number($node);
        }

        return new Observation($root->text('kind'), $values, $root->text('refusal'), $root->texts('notes'));
    }

    private static function number(Node $node): ObservedNumber
    {
        return $node->at('overload')->value() === true
            ? ObservedNumber::overload($node->text('unit'))
            : ObservedNumber::shown($node->text('unit'), $node->float('si'), $node->float('resolution'));
    }
}
