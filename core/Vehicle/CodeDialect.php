<?php

declare(strict_types=1);

namespace Lernfall\Vehicle;

/** How a module names its codes, and what it notes with them. Failures go by the names the module gives them. */
final readonly class CodeDialect
{
    /**
     * @param  array<array-key, string>  $baseCodes  by channel, for example C0035
     * @param  array<array-key, string>  $failureTypes  failure-type byte in hexadecimal by kind of failure; a kind not listed is not told
     * @param  array<array-key, array<array-key, string>>  $table  by channel, then kind of failure; where it is empty, base code and failure type make the code
     * @param  array<array-key, string>  $ownNumbers  the maker's own number beside a code
     * @param  array<array-key, list<string>>  $companions  codes set along with any of these kinds of failure
     * @param  array<array-key, string>  $ports  labels at the module by channel, where its codes name those instead of wheels
     * @param  list<string>  $frame  what is noted with a code: "speed", "steering", "volts"
     */
    public function __construct(
        public array $baseCodes,
        public array $failureTypes,
        public array $table = [],
        public array $ownNumbers = [],
        public array $companions = [],
        public array $frame = [],
        public array $ports = [],
    ) {
    }

    /** Whether the module tells this kind of failure from others at all. */
    public function tells(string $failure): bool
    {
        return isset($this->failureTypes[$failure]);
    }

    /** The maker's own number of a code in hexadecimal, as an older terminal shows it; the code itself where it has none. */
    public function inHexadecimal(string $code): string
    {
        return isset($this->ownNumbers[$code]) ? sprintf('%04X', (int) $this->ownNumbers[$code]) : $code;
    }

    /** As the module shows it; "" for a kind it does not tell. */
    public function code(string $channel, string $failure): string
    {
        return $this->table[$channel][$failure] ?? (isset($this->failureTypes[$failure], $this->baseCodes[$channel]) ? "{$this->baseCodes[$channel]}-{$this->failureTypes[$failure]}" : '');
    }
}
