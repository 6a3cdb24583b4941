<?php

declare(strict_types=1);

namespace Lernfall\Bay\Action;

enum RepairKind: string
{
    case CleanPlug = 'clean-plug';
    case CleanModulePlug = 'clean-module-plug';
    case RepairLoom = 'repair-loom';
    case CleanRing = 'clean-ring';
    case SetGap = 'set-gap';
    case CleanTip = 'clean-tip';
    case ReplaceSensor = 'replace-sensor';
    case ReplaceHub = 'replace-hub';
    case ReplaceModule = 'replace-module';

    /** Whether the wheel has to come off for it. */
    public function needsFreeWheel(): bool
    {
        return in_array($this, [self::SetGap, self::CleanRing, self::CleanTip, self::ReplaceSensor, self::ReplaceHub], true);
    }

    /** @return list<string> the stations of the path it makes good */
    public function stations(): array
    {
        return match ($this) {
            self::CleanPlug => ['sensor-plug'],
            self::CleanModulePlug => ['module-plug'],
            self::RepairLoom => ['loom'],
            self::SetGap => ['gap'],
            self::CleanRing => ['ring'],
            self::CleanTip, self::ReplaceSensor => ['sensor'],
            self::ReplaceHub => ['ring', 'gap'],
            self::ReplaceModule => ['module'],
        };
    }
}
