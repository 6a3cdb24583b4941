<?php

declare(strict_types=1);

namespace Lernfall\Vehicle;

/** The control unit as built. */
final readonly class ModuleSpecification
{
    /**
     * @param  string  $plugId  without this plug the module has no supply
     * @param  bool  $withholdsSupply  from a channel that its check at key-on finds broken
     * @param  ?LampCodes  $lampCodes  where it blinks its codes and no scan tool reads them
     * @param  bool  $dead  nothing in it works
     * @param  bool  $asksBeforeClearing  a tool asks whether codes shall really be cleared in it
     */
    public function __construct(
        public string $plugId,
        public Monitors $monitors,
        public CodeDialect $dialect,
        public WarningLamps $lamps,
        public bool $withholdsSupply = true,
        public ?LampCodes $lampCodes = null,
        public bool $dead = false,
        public bool $asksBeforeClearing = false,
    ) {
    }

    /** Whether a scan tool reaches it; where its lamp blinks the codes, none does. */
    public function talksToScanTools(): bool
    {
        return $this->lampCodes === null;
    }

    public function dead(bool $dead): self
    {
        return new self($this->plugId, $this->monitors, $this->dialect, $this->lamps, $this->withholdsSupply, $this->lampCodes, $dead, $this->asksBeforeClearing);
    }
}
