<?php

declare(strict_types=1);

namespace Lernfall\Module;

/** A code as a module shows it. */
final readonly class StoredCode
{
    /**
     * @param  ?StatusByte  $byte  null for a companion, which has no test of its own
     * @param  ?FreezeFrame  $frame  null where nothing was noted
     */
    public function __construct(public CodeStatus $status, public ?StatusByte $byte, public ?FreezeFrame $frame)
    {
    }

    /** Of two failures that share a code, the graver one is shown. */
    public function orGraver(self $other): self
    {
        return self::gravity($other->status) > self::gravity($this->status) ? $other : $this;
    }

    private static function gravity(CodeStatus $status): int
    {
        return match ($status) {
            CodeStatus::Present => 3,
            CodeStatus::Pending => 2,
            CodeStatus::History => 1,
        };
    }
}
