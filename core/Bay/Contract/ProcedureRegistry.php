<?php

declare(strict_types=1);

namespace Lernfall\Bay\Contract;

use Lernfall\Bay\Workshop\Equipment;
use Lernfall\Document\InvalidDocument;
use Lernfall\Document\Node;
use LogicException;

/** The procedures there are, by name. */
final readonly class ProcedureRegistry
{
    /** @param  array<string, Procedure<Action>>  $byName */
    private function __construct(private array $byName)
    {
    }

    /** @param  list<Procedure<covariant Action>>  $procedures */
    public static function of(array $procedures): self
    {
        $byName = [];
        foreach ($procedures as $procedure) {
            if (isset($byName[$procedure->name()])) {
                throw new LogicException("two procedures named {$procedure->name()}");
            }
            $byName[$procedure->name()] = $procedure;
        }

        /** @var array<string, Procedure<Action>> $byName each is asked only about actions of its own name */
        return new self($byName);
    }

    /** @return list<string> permanent names */
    public function names(): array
    {
        return array_keys($this->byName);
    }

    /** @return list<Procedure<Action>> */
    public function all(): array
    {
        return array_values($this->byName);
    }

    /** @return list<CarProcedure<CarAction>> */
    public function ofCars(): array
    {
        /** @var list<CarProcedure<CarAction>> */
        return array_values(array_filter($this->byName, static fn (Procedure $one): bool => $one instanceof CarProcedure));
    }

    /** @return list<string> the tools a case may withhold */
    public function tools(): array
    {
        return array_values(array_unique(array_filter(array_map(static fn (Procedure $one): string => $one->tool(), $this->all()), static fn (string $one): bool => $one !== '')));
    }

    /** @return list<string> every kind of observation there is */
    public function observations(): array
    {
        return array_values(array_unique([Observation::REFUSED, ...array_merge(...array_map(static fn (Procedure $one): array => $one->observations(), $this->all()))]));
    }

    /** @return list<class-string<Equipment>> */
    public function equipment(): array
    {
        return array_values(array_unique(array_merge(...array_map(static fn (Procedure $one): array => $one->equipment(), $this->all()))));
    }

    /** @return Procedure<Action> */
    public function procedure(Action $action): Procedure
    {
        return $this->byName[$action->name()] ?? throw new LogicException("no procedure named {$action->name()}");
    }

    /** @return CarProcedure<CarAction> */
    public function onCar(CarAction $action): CarProcedure
    {
        $procedure = $this->procedure($action);
        if (! $procedure instanceof CarProcedure) {
            throw new LogicException("{$action->name()} is not something done to a car");
        }

        /** @var CarProcedure<CarAction> */
        return $procedure;
    }

    /** @throws InvalidDocument */
    public function decode(Node $node): Action
    {
        $procedure = $this->byName[$node->text('do')] ?? throw $node->at('do')->noneOf($this->names());

        return $procedure->decode($node);
    }
}
