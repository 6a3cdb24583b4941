<?php

declare(strict_types=1);

namespace App\Work;

/** What waits for a worker, the first named before the next. */
final readonly class QueueNames
{
    /** Marks of closed jobs: somebody looks at an empty report. */
    public const MARKS = 'marks';

    /** Advice in practice: somebody waits for it. */
    public const COUNSEL = 'counsel';

    /** Jobs under way. */
    public const FOLLOWING = 'following';

    /** What takes long: paths through cases, and whether one can be solved. A worker of its own takes these. */
    public const BESIDE = 'beside';
}
