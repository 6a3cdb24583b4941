<?php

declare(strict_types=1);

namespace Lernfall\Vehicle;

/** A plug on the way from sensor to module. */
final readonly class Plug implements Link
{
    /**
     * @param  string  $plugId  the housing a hand opens; several channels may share one
     * @param  array<array-key, Contact>  $contacts  by conductor
     * @param  bool  $crossed  the first two pins sit in each other's places
     * @param  bool  $latched  its catch holds it together
     * @param  string  $input  of which other channel the module takes what arrives at its pins; "" where they sit where they belong
     */
    public function __construct(private string $name, public string $plugId, public array $contacts, public bool $crossed = false, public bool $latched = true, public string $input = '')
    {
    }

    public function name(): string
    {
        return $this->name;
    }

    public function withContact(string $conductor, Contact $contact): self
    {
        return new self($this->name, $this->plugId, [$conductor => $contact] + $this->contacts, $this->crossed, $this->latched, $this->input);
    }

    public function crossed(): self
    {
        return new self($this->name, $this->plugId, $this->contacts, ! $this->crossed, $this->latched, $this->input);
    }

    /** Its pins sit at the input of another channel. */
    public function atInput(string $channel): self
    {
        return new self($this->name, $this->plugId, $this->contacts, $this->crossed, $this->latched, $channel);
    }

    /** Its catch is open, and no pin touches when it is moved. */
    public function slipped(): self
    {
        $apart = array_map(static fn (Contact $contact): Contact => new Contact($contact->ohms, $contact->corroded, false), $this->contacts);

        return new self($this->name, $this->plugId, $apart, $this->crossed, false, $this->input);
    }
}
