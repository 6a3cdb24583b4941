<?php

declare(strict_types=1);

namespace Lernfall\Bay;

use Lernfall\Circuit\Injection;

/** What is done to the car from outside at this moment: a generator on a loom, something moved or warmed. */
final readonly class Hookup
{
    private function __construct(public ?Injection $injection, public ?Provoked $provoked)
    {
    }

    public static function none(): self
    {
        return new self(null, null);
    }

    public function with(?Injection $injection): self
    {
        return new self($injection, $this->provoked);
    }

    public function provoking(?Provoked $provoked): self
    {
        return new self($this->injection, $provoked);
    }

    /** A generator comes off when the plug it sits on is joined. */
    public function joined(string $plugId): self
    {
        return $this->injection !== null && str_starts_with($plugId, $this->injection->channel.'.') ? $this->with(null) : $this;
    }
}
