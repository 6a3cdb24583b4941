<?php

declare(strict_types=1);

namespace Lernfall\Bay\Contract;

/** What an action would show, before anything is drawn. */
final readonly class Prediction
{
    /**
     * @param  string  $kind  what sort of observation it becomes, for example "reading" or "codes"
     * @param  array<array-key, Feature>  $features
     * @param  string  $refusal  why it was not done, or ""
     * @param  list<string>  $notes  remarks on technique, by message key
     */
    private function __construct(
        public string $kind,
        public array $features,
        public string $refusal,
        public array $notes,
    ) {
    }

    /**
     * @param  array<array-key, Feature>  $features
     * @param  list<string>  $notes
     */
    public static function of(string $kind, array $features = [], array $notes = []): self
    {
        return new self($kind, $features, '', $notes);
    }

    /** The action is not carried out; the car stays as it was. */
    public static function refused(string $reason): self
    {
        return new self('refused', [], $reason, []);
    }
}
