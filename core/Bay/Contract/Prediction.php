<?php

declare(strict_types=1);

namespace Lernfall\Bay\Contract;

use Closure;

/** What an action would show, before anything is drawn. */
final readonly class Prediction
{
    /**
     * @param  string  $kind  what sort of observation it becomes, for example "reading" or "codes"
     * @param  array<array-key, Feature>  $features
     * @param  ?Refusal  $refusal  why it was not done; null where it was
     * @param  list<Note>  $notes
     * @param  ObservedPicture|Closure(array<array-key, mixed>): ObservedPicture|null  $picture  of a true car's part, or how it is drawn from what is displayed; cars that could be standing there have none, what speaks for them is what an eye makes of it
     */
    private function __construct(
        public string $kind,
        public array $features,
        public ?Refusal $refusal,
        public array $notes,
        public ObservedPicture|Closure|null $picture = null,
    ) {
    }

    /**
     * @param  array<array-key, Feature>  $features
     * @param  list<Note>  $notes
     */
    public static function of(string $kind, array $features = [], array $notes = []): self
    {
        return new self($kind, $features, null, $notes);
    }

    /** @param  ObservedPicture|Closure(array<array-key, mixed>): ObservedPicture|null  $picture */
    public function showing(ObservedPicture|Closure|null $picture): self
    {
        return new self($this->kind, $this->features, $this->refusal, $this->notes, $picture);
    }

    /** @param  array<array-key, mixed>  $values  as they are displayed */
    public function pictureOf(array $values): ?ObservedPicture
    {
        return $this->picture instanceof Closure ? ($this->picture)($values) : $this->picture;
    }

    /** The action is not carried out; the car stays as it was. */
    public static function refused(Refusal $reason): self
    {
        return new self(Observation::REFUSED, [], $reason, []);
    }
}
