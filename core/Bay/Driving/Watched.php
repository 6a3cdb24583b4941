<?php

declare(strict_types=1);

namespace Lernfall\Bay\Driving;

use Lernfall\Drive\Moment;
use Lernfall\Module\Failure;

/** What a monitor could find of a channel on a drive. */
final readonly class Watched
{
    /**
     * @param  ?Moment  $moment  when it would be found
     * @param  bool  $acts  it comes and goes, and is found where it acts
     */
    public function __construct(public string $channel, public Failure $failure, public ?Moment $moment, public float $chance, public bool $acts = false)
    {
    }
}
