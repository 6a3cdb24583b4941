<?php

declare(strict_types=1);

namespace Lernfall\Fault\Kind;

use Lernfall\Fault\FaultKind;
use Lernfall\Fault\FaultScope;
use Lernfall\Vehicle\Channel;
use Lernfall\Vehicle\Port;

/** Faults of the module at the pins of one channel. */
final readonly class ModuleFaults
{
    /** @return list<FaultKind> */
    public static function all(): array
    {
        return [
            new FaultKind('module-input-dead', 'module', 'input-dead', 'none', false, static fn (Channel $channel): Channel => $channel->withPort(Port::Deaf)),
            new FaultKind('module-supply-dead', 'module', 'no-supply', 'none', false, static fn (Channel $channel): Channel => $channel->withPort(Port::Unfed), scope: new FaultScope(where: static fn (Channel $channel): bool => $channel->sensor->isActive())),
            new FaultKind('module-switch-dead', 'module', 'no-supply', 'none', false, static fn (Channel $channel): Channel => $channel->withPort(Port::Unswitched), scope: new FaultScope(where: static fn (Channel $channel): bool => $channel->moduleEnd->input->switchesSupply())),
        ];
    }
}
