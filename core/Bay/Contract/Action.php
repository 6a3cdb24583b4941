<?php

declare(strict_types=1);

namespace Lernfall\Bay\Contract;

/** One thing a person does, with its settings. */
interface Action
{
    /** Permanent name, the "do" of its JSON form. */
    public function name(): string;

    /** The entry of the workshop's price list it is charged by. */
    public function rate(): string;
}
