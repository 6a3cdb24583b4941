<?php

declare(strict_types=1);

namespace Lernfall\Bay\Contract;

use Lernfall\Bay\Workshop\Equipment;
use Lernfall\Bay\Workshop\Workshop;
use Lernfall\Document\InvalidDocument;
use Lernfall\Document\Node;

/**
 * Everything about one kind of action but its settings: its name on disk, the tool it needs, how it is read and described,
 * and whether it makes sense.
 *
 * @template A of Action
 */
interface Procedure
{
    /** Permanent name, the "do" of the action's JSON form. */
    public function name(): string;

    /** The tool a case may withhold; "" where nothing is needed that could be missing. */
    public function tool(): string;

    /** @return non-empty-list<string> kinds of observation it may show, where it is not refused */
    public function observations(): array;

    /** The settings as docs/schemas/action.schema.json describes them. */
    public function schema(): ActionSchema;

    /** @return array<string, mixed> settings that can be read, in their JSON form */
    public function example(): array;

    /**
     * @return A
     *
     * @throws InvalidDocument
     */
    public function decode(Node $node): Action;

    /**
     * A clumsy action makes sense; one at a pad that does not exist does not.
     *
     * @param  A  $action
     *
     * @throws UnfitAction
     */
    public function check(Action $action, JobInHand $job, Workshop $workshop): void;

    /**
     * Whether it goes on from the action before without anything being connected anew, so that it takes no time.
     *
     * @param  A  $action
     */
    public function goesOn(Action $action, ?Action $before): bool;

    /** @return list<class-string<Equipment>> what stands in the workshop for it, with figures of its own */
    public function equipment(): array;
}
