<?php

declare(strict_types=1);

namespace Lernfall\Bay\Jumpers;

use Lernfall\Bay\Contract\CarAction;

/** Puts jumper leads between pads, in place of those there were; none takes all off. */
final readonly class ConnectLeads implements CarAction
{
    /** @param  list<array{string, string}>  $leads  the two pads of each */
    public function __construct(public array $leads)
    {
    }

    public function name(): string
    {
        return 'connect-leads';
    }

    public function rate(): string
    {
        return 'connect-leads';
    }

    public function question(): string
    {
        return 'connect-leads '.implode(' ', array_map(static fn (array $lead): string => "$lead[0]-$lead[1]", $this->leads));
    }
}
