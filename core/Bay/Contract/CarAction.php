<?php

declare(strict_types=1);

namespace Lernfall\Bay\Contract;

/** Done to the car; the simulator answers it. */
interface CarAction extends Action
{
    /** Tells two questions to the car apart: the same settings give the same text. */
    public function question(): string;
}
