<?php

declare(strict_types=1);

namespace Lernfall\Bay\Contract;

/** The settings of one kind of action as JSON Schema (draft 2020-12). */
final readonly class ActionSchema
{
    /**
     * @param  array<string, array<string, mixed>>  $properties
     * @param  list<string>  $required
     * @param  array<string, mixed>  $rules  further keywords
     */
    private function __construct(private string $description, private array $properties, private array $required, private array $rules)
    {
    }

    public static function of(string $description): self
    {
        return new self($description, [], [], []);
    }

    /** @param  array<string, mixed>  $setting */
    public function with(string $name, array $setting): self
    {
        return new self($this->description, [...$this->properties, $name => $setting], [...$this->required, $name], $this->rules);
    }

    /**
     * A setting that may be left out.
     *
     * @param  array<string, mixed>  $setting
     */
    public function orWith(string $name, array $setting): self
    {
        return new self($this->description, [...$this->properties, $name => $setting], $this->required, $this->rules);
    }

    /** @param  array<string, mixed>  $rules */
    public function under(array $rules): self
    {
        return new self($this->description, $this->properties, $this->required, $rules);
    }

    /** @return array<string, mixed> */
    public function json(string $name): array
    {
        return [
            'type' => 'object',
            'description' => $this->description,
            'properties' => ['do' => ['const' => $name], ...$this->properties],
            'required' => ['do', ...$this->required],
            'additionalProperties' => false,
            ...$this->rules,
        ];
    }
}
