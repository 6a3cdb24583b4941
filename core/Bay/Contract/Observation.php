<?php

declare(strict_types=1);

namespace Lernfall\Bay\Contract;

/** What the person perceives. Never the truth. */
final readonly class Observation
{
    public const WRITTEN = 'written';

    public const REFUSED = 'refused';

    private const FIRST_TRACE = 'a.trace';

    /**
     * @param  string  $kind  one of those its procedure names, or REFUSED
     * @param  array<array-key, ObservedNumber|ObservedTrace|ObservedSeries|string>  $values  by feature; a string is a word of a category
     * @param  list<Note>  $notes
     * @param  ?ObservedPicture  $picture  what there was to see, where somebody looked
     */
    public function __construct(
        public string $kind,
        public array $values,
        public ?Refusal $refusal,
        public array $notes,
        public ?ObservedPicture $picture = null,
    ) {
    }

    /** Something written on the card: the card itself shows it. */
    public static function written(): self
    {
        return new self(self::WRITTEN, [], null, []);
    }

    public function wasRefused(): bool
    {
        return $this->refusal !== null;
    }

    /** A number it shows, or one that can be taken from its first trace by cursors. */
    public function number(string $feature): ?ObservedNumber
    {
        $value = $this->values[$feature] ?? null;
        if ($value === null) {
            $trace = $this->trace(self::FIRST_TRACE);

            return $trace === null ? null : BetweenCursors::named($feature)?->on($trace);
        }

        return $value instanceof ObservedNumber ? $value : null;
    }

    public function trace(string $feature): ?ObservedTrace
    {
        $value = $this->values[$feature] ?? null;

        return $value instanceof ObservedTrace ? $value : null;
    }

    public function series(string $feature): ?ObservedSeries
    {
        $value = $this->values[$feature] ?? null;

        return $value instanceof ObservedSeries ? $value : null;
    }

    public function word(string $feature): string
    {
        $value = $this->values[$feature] ?? '';

        return is_string($value) ? $value : '';
    }
}
