<?php

declare(strict_types=1);

namespace Lernfall\Bay\Scan;

use Lernfall\Bay\Contract\CarAction;

/** Reads the codes of a system, as its menu on the scan tool names it. */
final readonly class ReadCodes implements CarAction
{
    public const BRAKES = 'brakes';

    /** @param  string  $vehicle  as chosen in the tool's menu; "" for the one that stands there */
    public function __construct(public string $system = self::BRAKES, public ScanTool $tool = ScanTool::Terminal, public string $vehicle = '')
    {
    }

    /** Whether the tool takes this car for another. */
    public function mistakes(string $vehicleId): bool
    {
        return $this->vehicle !== '' && $this->vehicle !== $vehicleId;
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
        return "read-codes.{$this->tool->value}.$this->system.$this->vehicle";
    }
}
