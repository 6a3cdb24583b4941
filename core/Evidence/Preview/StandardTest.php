<?php

declare(strict_types=1);

namespace Lernfall\Evidence\Preview;

use Lernfall\Bay\Action\CarAction;

/** A usual test: what is done before it, the look or measurement itself, and which of the things it shows counts. */
final readonly class StandardTest
{
    /**
     * @param  string  $id  permanent, the same for every channel
     * @param  list<CarAction>  $before
     * @param  list<string>  $features  names of what counts
     */
    public function __construct(public string $id, public array $before, public CarAction $action, public array $features)
    {
    }
}
