<?php

declare(strict_types=1);

namespace App\Accounts\Roster;

/** One person of a roster, as read. */
final readonly class RosterRow
{
    /**
     * @param  int  $line  of the file
     * @param  string  $group  a name; empty for the one the whole roster goes to
     * @param  ?string  $problem  a sentence; null where the person can be added
     */
    public function __construct(public int $line, public string $name, public string $signIn, public string $group, public ?string $problem = null)
    {
    }

    public function refused(string $problem): self
    {
        return new self($this->line, $this->name, $this->signIn, $this->group, $problem);
    }

    /** @return array<string, mixed> */
    public function shown(): array
    {
        return ['line' => $this->line, 'name' => $this->name, 'signIn' => $this->signIn, 'group' => $this->group, 'problem' => $this->problem];
    }
}
