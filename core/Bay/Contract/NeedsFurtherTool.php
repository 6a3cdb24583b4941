<?php

declare(strict_types=1);

namespace Lernfall\Bay\Contract;

/** An action that in some settings takes another tool besides its own. */
interface NeedsFurtherTool extends Action
{
    /** "" where its own is enough. */
    public function furtherTool(): string;
}
