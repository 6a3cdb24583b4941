<?php

declare(strict_types=1);

namespace Lernfall\Bay\Car;

/** How the car stands. */
final readonly class LiftState
{
    private function __construct(public bool $chocked, public bool $raised, public bool $onStands)
    {
    }

    public static function onTheFloor(): self
    {
        return new self(false, false, false);
    }

    public function chocked(bool $chocked): self
    {
        return new self($chocked, $this->raised, $this->onStands);
    }

    public function raised(): self
    {
        return new self($this->chocked, true, false);
    }

    public function onStands(): self
    {
        return new self($this->chocked, true, true);
    }

    public function lowered(): self
    {
        return new self($this->chocked, false, false);
    }

    /** Wheels hang free and nothing can roll or drop. */
    public function isSecured(): bool
    {
        return $this->chocked && $this->raised && $this->onStands;
    }

    /** Safe to reach under or take something off: on the floor, or raised and secured. */
    public function isSafeBeside(): bool
    {
        return ! $this->raised || $this->isSecured();
    }
}
