<?php

declare(strict_types=1);

namespace Lernfall\Evidence\Portrait;

use Lernfall\Bay\Repair\RepairKind;
use Lernfall\Fault\CatalogueEntry;

/** A kind of fault as the handbook shows it. */
final readonly class Portrait
{
    /**
     * @param  float  $share  how common it is among all kinds
     * @param  list<string>  $alike  kinds that no test of a standing car tells from it
     * @param  list<RepairKind>  $cures  that leave nothing wrong
     * @param  list<RepairKind>  $seeming  after which no code comes back although something is still wrong
     * @param  bool  $joiningCanCure  opening and joining its plug can make it go away, and the evidence with it
     * @param  array<string, float>  $noticed  what an eye or a hand can notice, by its word, and how surely
     * @param  list<PicturePair>  $pictures  where it can be seen
     */
    public function __construct(
        public CatalogueEntry $entry,
        public float $share,
        public array $alike,
        public array $cures,
        public array $seeming,
        public bool $joiningCanCure,
        public array $noticed,
        public array $pictures,
    ) {
    }
}
