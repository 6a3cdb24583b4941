<?php

declare(strict_types=1);

namespace Lernfall\Bay\Action;

/** Reads the codes of a system, as its menu on the scan tool names it. */
final readonly class ReadCodes implements CarAction
{
    public const BRAKES = 'brakes';

    public function __construct(public string $system = self::BRAKES, public ScanTool $tool = ScanTool::Terminal)
    {
    }

    public function name(): string
    {
        return 'read-codes';
    }

    public function rate(): string
    {
        return 'read-codes';
    }

    public function question(): string
    {
        return "read-codes.{$this->tool->value}.$this->system";
    }
}
