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
     * @param  string  $injectedAt  id of the open plug the generator sits on; "" for none
     * @param  string  $fedAt  id of the open plug the bench supply sits on; "" for none
     * @param  bool  $justTouched  its leads have just been put on, and no sweep has been made since
     */
    private function __construct(
        public ?Injection $injection,
        public ?Provoked $provoked,
        public array $jumpers,
        public ?BenchSupply $bench,
        public bool $breakout,
        public ConnectedMeter $meter = new ConnectedMeter,
        private string $injectedAt = '',
        private string $fedAt = '',
        public bool $justTouched = false,
    ) {
    }

    public static function none(): self
    {
        return new self(null, null, [], null, false);
    }

    /** @param  string  $plugId  the open plug it sits on */
    public function with(?Injection $injection, string $plugId = ''): self
    {
        return new self($injection, $this->provoked, $this->jumpers, $this->bench, $this->breakout, $this->meter, $plugId, $this->fedAt, $this->justTouched);
    }

    public function provoking(?Provoked $provoked): self
    {
        return new self($this->injection, $provoked, $this->jumpers, $this->bench, $this->breakout, $this->meter, $this->injectedAt, $this->fedAt, $this->justTouched);
    }

    /** @param  list<JumperLead>  $jumpers */
    public function joinedBy(array $jumpers): self
    {
        return new self($this->injection, $this->provoked, $jumpers, $this->bench, $this->breakout, $this->meter, $this->injectedAt, $this->fedAt, $this->justTouched);
    }

    /**
     * These channels and every one that jumper leads join to them.
     *
     * @param  list<string>  $channels
     * @return list<string>
     */
    public function joinedTo(array $channels): array
    {
        do {
            $before = count($channels);
            foreach ($this->leads() as $lead) {
                if (array_intersect($lead->channels(), $channels) !== []) {
                    $channels = array_values(array_unique([...$channels, ...$lead->channels()]));
                }
            }
        } while (count($channels) > $before);

        return $channels;
    }

    /** @param  string  $plugId  the open plug it sits on */
    public function fedBy(?BenchSupply $bench, string $plugId = ''): self
    {
        return new self($this->injection, $this->provoked, $this->jumpers, $bench, $this->breakout, $this->meter, $this->injectedAt, $plugId, $bench !== null);
    }

    public function broughtOut(bool $breakout): self
    {
        return new self($this->injection, $this->provoked, $this->jumpers, $this->bench, $breakout, $this->meter, $this->injectedAt, $this->fedAt, $this->justTouched);
    }

    public function withMeter(ConnectedMeter $meter): self
    {
        return new self($this->injection, $this->provoked, $this->jumpers, $this->bench, $this->breakout, $meter, $this->injectedAt, $this->fedAt, $this->justTouched);
    }

    /** A sweep has been made since its leads were put on. */
    public function swept(): self
    {
        return new self($this->injection, $this->provoked, $this->jumpers, $this->bench, $this->breakout, $this->meter, $this->injectedAt, $this->fedAt);
    }

    /** @return list<JumperLead> all that joins pads: jumper leads, and a meter in series */
    public function leads(): array
    {
        return $this->meter->inSeries === null ? $this->jumpers : [...$this->jumpers, $this->meter->inSeries];
    }

    /** @return list<string> what is clipped to the car, by name */
    public function connected(): array
    {
        return array_keys(array_filter([
            'generator' => $this->injection !== null,
            'jumpers' => $this->jumpers !== [],
            'bench-supply' => $this->bench !== null,
            'breakout' => $this->breakout,
            'meter' => $this->meter->inSeries !== null,
        ]));
    }

    /** Something with a clip hangs on the car. */
    public function isConnected(): bool
    {
        return $this->injection !== null || $this->jumpers !== [] || $this->bench !== null;
    }

    /** What sits on an open plug comes off when that plug is joined, and nothing else does. */
    public function joined(string $plugId): self
    {
        return new self(
            $plugId === $this->injectedAt ? null : $this->injection,
            $this->provoked,
            array_values(array_filter($this->jumpers, static fn (JumperLead $lead): bool => ! $lead->sitsOn($plugId))),
            $plugId === $this->fedAt ? null : $this->bench,
            $this->breakout,
            $this->meter->inSeries?->sitsOn($plugId) === true ? $this->meter->takenOff() : $this->meter,
            $plugId === $this->injectedAt ? '' : $this->injectedAt,
            $plugId === $this->fedAt ? '' : $this->fedAt,
            $plugId !== $this->fedAt && $this->justTouched,
        );
    }
}
