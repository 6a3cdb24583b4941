<?php

declare(strict_types=1);

namespace Lernfall\Vehicle;

/** The control unit as built. */
final readonly class ModuleSpecification
{
    /**
     * @param  string  $plugId  without this plug the module has no supply
     * @param  array<array-key, string>  $codes  base code by channel, for example C0035
     * @param  array<array-key, string>  $failureTypes  failure-type byte in hexadecimal by kind of failure
     * @param  list<string>  $lampsOnFault  the lamps lit while a code is present
     * @param  bool  $dead  nothing in it works
     */
    public function __construct(
        public string $plugId,
        public Monitors $monitors,
        public array $codes,
        public array $failureTypes,
        public array $lampsOnFault,
        public bool $dead = false,
    ) {
    }

    public function dead(bool $dead): self
    {
        return new self($this->plugId, $this->monitors, $this->codes, $this->failureTypes, $this->lampsOnFault, $dead);
    }
}
