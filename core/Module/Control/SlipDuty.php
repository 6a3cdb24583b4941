<?php

declare(strict_types=1);

namespace Lernfall\Module\Control;

use Lernfall\Vehicle\Motion\SlipControlDesign;

/** What a module still does for braked wheels. It gives up in steps: first it keeps no wheel from locking any more, and shares out the brake force between the axles as long as it can. Common practice, no source. */
final readonly class SlipDuty
{
    private const WHEELS = [0, 1, 2, 3];

    /** @param  list<int>  $relied  wheels whose speeds it goes by */
    private function __construct(public SlipControlDesign $design, public bool $keepsFromLocking, public array $relied)
    {
    }

    /** All of it: each wheel is kept from locking. */
    public static function whole(SlipControlDesign $design): self
    {
        return new self($design, true, self::WHEELS);
    }

    /**
     * Brake-force distribution only.
     *
     * @param  list<int>  $doubted  wheels whose speeds it does not believe
     */
    public static function sharing(SlipControlDesign $design, array $doubted): self
    {
        return new self($design, false, array_values(array_diff(self::WHEELS, $doubted)));
    }

    /** Tells two apart with the same design. */
    public function text(): string
    {
        return ($this->keepsFromLocking ? 'whole' : 'sharing').implode('', $this->relied);
    }
}
