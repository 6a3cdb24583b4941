<?php

declare(strict_types=1);

namespace Lernfall\Bay\Contract;

use Lernfall\Bay\Workshop\Workshop;

/**
 * What most procedures have in common: bare hands, no settings that could be wrong, nothing to go on from.
 *
 * @template A of Action
 *
 * @implements Procedure<A>
 */
abstract readonly class BaseProcedure implements Procedure
{
    public function tool(): string
    {
        return '';
    }

    /** Something on the card: the card itself shows it. */
    public function observations(): array
    {
        return [Observation::WRITTEN];
    }

    public function example(): array
    {
        return [];
    }

    public function check(Action $action, JobInHand $job, Workshop $workshop): void
    {
    }

    public function goesOn(Action $action, ?Action $before): bool
    {
        return false;
    }

    public function equipment(): array
    {
        return [];
    }
}
