<?php

declare(strict_types=1);

namespace Lernfall\Evidence\Belief;

/** What was asked of a car, step by step: the same question put again tells less. */
final readonly class Questions
{
    /** @param  array<int, string>  $asked  by step number */
    public function __construct(private array $asked = [])
    {
    }

    public function with(int $step, string $question): self
    {
        return new self($this->asked + [$step => $question]);
    }

    /** @return list<int> the steps that put this question, the last first */
    public function stepsThatPut(string $question): array
    {
        return array_reverse(array_keys($this->asked, $question, true));
    }

    /**
     * @param  list<int>  $numbers  of steps, ascending
     * @return array<int, list<int>> by step: those before it that put the same question, the last first
     */
    public function before(array $numbers): array
    {
        $before = [];
        $asked = [];
        foreach ($numbers as $number) {
            $question = $this->asked[$number] ?? '';
            $before[$number] = $asked[$question] ?? [];
            $asked[$question] = [$number, ...$before[$number]];
        }

        return $before;
    }
}
