<?php

declare(strict_types=1);

namespace Lernfall\Bay\Car;

use Lernfall\Circuit\BenchSupply;
use Lernfall\Circuit\Injection;
use Lernfall\Circuit\JumperLead;

/** What is done to the car from outside at this moment: leads and sources connected, something moved or warmed. */
final readonly class Connections
{
    /**
     * @param  list<JumperLead>  $jumpers
     * @param  bool  $breakout  a lead between module plug and module brings every pin out
     * @param  bool  $meterFuseBlown  the meter's current input is open until its fuse is renewed
     */
    private function __construct(
        public ?Injection $injection,
        public ?Provoked $provoked,
        public array $jumpers,
        public ?BenchSupply $bench,
        public bool $breakout,
        public bool $meterFuseBlown,
    ) {
    }

    public static function none(): self
    {
        return new self(null, null, [], null, false, false);
    }

    public function with(?Injection $injection): self
    {
        return new self($injection, $this->provoked, $this->jumpers, $this->bench, $this->breakout, $this->meterFuseBlown);
    }

    public function provoking(?Provoked $provoked): self
    {
        return new self($this->injection, $provoked, $this->jumpers, $this->bench, $this->breakout, $this->meterFuseBlown);
    }

    /** @param  list<JumperLead>  $jumpers */
    public function joinedBy(array $jumpers): self
    {
        return new self($this->injection, $this->provoked, $jumpers, $this->bench, $this->breakout, $this->meterFuseBlown);
    }

    public function fedBy(?BenchSupply $bench): self
    {
        return new self($this->injection, $this->provoked, $this->jumpers, $bench, $this->breakout, $this->meterFuseBlown);
    }

    public function broughtOut(bool $breakout): self
    {
        return new self($this->injection, $this->provoked, $this->jumpers, $this->bench, $breakout, $this->meterFuseBlown);
    }

    public function withMeterFuse(bool $blown): self
    {
        return new self($this->injection, $this->provoked, $this->jumpers, $this->bench, $this->breakout, $blown);
    }

    /** @return list<string> what is clipped to the car, by name */
    public function connected(): array
    {
        return array_keys(array_filter([
            'generator' => $this->injection !== null,
            'jumpers' => $this->jumpers !== [],
            'bench-supply' => $this->bench !== null,
            'breakout' => $this->breakout,
        ]));
    }

    /** Something with a clip hangs on the car. */
    public function isConnected(): bool
    {
        return $this->injection !== null || $this->jumpers !== [] || $this->bench !== null;
    }

    /** What sits on the open sensor plug of a channel comes off when that is joined. */
    public function joined(string $plugId): self
    {
        $sits = static fn (string $channel): bool => str_starts_with($plugId, "$channel.");

        return new self(
            $this->injection !== null && $sits($this->injection->channel) ? null : $this->injection,
            $this->provoked,
            array_values(array_filter($this->jumpers, static fn (JumperLead $lead): bool => array_filter([$lead->first, $lead->second], static fn ($pad): bool => $pad->onPlug && $sits($pad->channel) && str_ends_with($plugId, ".$pad->plugName")) === [])),
            $this->bench !== null && $sits($this->bench->channel) ? null : $this->bench,
            $this->breakout,
            $this->meterFuseBlown,
        );
    }
}
