<?php

declare(strict_types=1);

namespace Lernfall\Bay\Breakout;

use Lernfall\Bay\Contract\CarAction;

/** Puts a breakout lead between the module and its plug, so that every pin can be touched with the plug joined; or takes it out. */
final readonly class FitBreakout implements CarAction
{
    public function __construct(public bool $fitted)
    {
    }

    public function name(): string
    {
        return 'fit-breakout';
    }

    public function rate(): string
    {
        return 'fit-breakout';
    }

    public function question(): string
    {
        return 'fit-breakout '.($this->fitted ? 'in' : 'out');
    }
}
