<?php

declare(strict_types=1);

namespace Lernfall\Format;

use Lernfall\Bay\Contract\Note;
use Lernfall\Bay\Contract\Observation;
use Lernfall\Bay\Contract\ObservedNumber;
use Lernfall\Bay\Contract\ObservedPicture;
use Lernfall\Bay\Contract\ObservedSeries;
use Lernfall\Bay\Contract\ObservedTrace;
use Lernfall\Bay\Contract\Refusal;
use Lernfall\Document\InvalidDocument;
use Lernfall\Document\Node;

/** Observations as JSON and back: numbers in SI units with the display's own step, words as keys. */
final readonly class ObservationFormat
{
    /** @return array{kind: string, values: array<array-key, mixed>, refusal: string, notes: list<string>, picture?: array{drawing: string, shows: array<string, float|string>}} */
    public static function write(Observation $observation): array
    {
        return [
            'kind' => $observation->kind,
            'values' => array_map(self::value(...), $observation->values),
            'refusal' => $observation->refusal->value ?? '',
            'notes' => array_map(static fn (Note $note): string => $note->value, $observation->notes),
        ] + ($observation->picture === null ? [] : ['picture' => self::picture($observation->picture)]);
    }

    /** @return array{drawing: string, shows: array<string, float|string>} */
    public static function picture(ObservedPicture $picture): array
    {
        return ['drawing' => $picture->drawing, 'shows' => $picture->shows];
    }

    /** @throws InvalidDocument */
    public static function read(mixed $document): Observation
    {
        $root = Node::root($document);
        $values = [];
        foreach ($root->entries('values') as $name => $node) {
            $values[$name] = match (true) {
                is_string($node->value()) => $node->value(),
                $node->has('steps') && $node->has('unit') => new ObservedSeries($node->text('unit'), $node->ints('steps'), $node->float('secondsPerSample'), $node->float('resolution')),
                $node->has('steps') => new ObservedTrace(
                    $node->ints('steps'), $node->float('secondsPerSample'), $node->float('voltsPerStep'), $node->has('lows') ? [$node->ints('lows'), $node->ints('highs')] : null,
                ),
                default => self::number($node),
            };
        }

        return new Observation(
            $root->text('kind'),
            $values,
            $root->text('refusal') === '' ? null : $root->choice('refusal', Refusal::class),
            array_map(static fn (string $note): Note => Note::tryFrom($note) ?? throw $root->at('notes')->wrong('known-notes'), $root->texts('notes')),
            $root->has('picture') ? self::readPicture($root->at('picture')) : null,
        );
    }

    /** @return string|array<string, mixed> */
    private static function value(ObservedNumber|ObservedTrace|ObservedSeries|string $value): string|array
    {
        return match (true) {
            $value instanceof ObservedNumber => ['unit' => $value->unit, 'si' => $value->si, 'resolution' => $value->resolution, 'overload' => $value->overload],
            $value instanceof ObservedSeries => ['unit' => $value->unit, 'steps' => $value->steps, 'secondsPerSample' => $value->secondsPerSample, 'resolution' => $value->resolution],
            $value instanceof ObservedTrace => ['steps' => $value->steps, 'secondsPerSample' => $value->secondsPerSample, 'voltsPerStep' => $value->voltsPerStep] + ($value->peaks === null ? [] : ['lows' => $value->peaks[0], 'highs' => $value->peaks[1]]),
            default => $value,
        };
    }

    private static function readPicture(Node $node): ObservedPicture
    {
        $shows = [];
        foreach ($node->entries('shows') as $name => $one) {
            $shows[(string) $name] = is_string($one->value()) ? $one->value() : $node->at('shows')->float($name);
        }

        return new ObservedPicture($node->text('drawing'), $shows);
    }

    private static function number(Node $node): ObservedNumber
    {
        return $node->at('overload')->value() === true
            ? ObservedNumber::overload($node->text('unit'))
            : ObservedNumber::shown($node->text('unit'), $node->float('si'), $node->float('resolution'));
    }
}
