<?php

declare(strict_types=1);

namespace Tests\Core\Bay;

use Lernfall\Bay\Actuators\TestActuator;
use Lernfall\Bay\Car\Ignition;
use Lernfall\Bay\Key\TurnKey;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Workbench;

/** What clicks at the hydraulic unit as the terminal works its parts. */
final class HeardAtTheUnitTest extends TestCase
{
    /**
     * An armature that is pulled strikes its stop; one that gets nothing, or sits fast, does not (common practice, no source).
     *
     * @return array<string, array{string, string, string, string}> valves at the front left, relay of the pump
     */
    public static function heard(): array
    {
        return [
            'outlet winding open, the inlet is heard' => ['valve-winding-open', 'FL', 'valve-clicks', 'relay-clicks'],
            'outlet sits fast, the inlet is heard' => ['outlet-stuck-shut', 'FL', 'valve-clicks', 'relay-clicks'],
            'both sit fast' => ['valve-stuck', 'FL', 'valve-silent', 'relay-clicks'],
            'both of another wheel' => ['valve-stuck', 'FR', 'valve-clicks', 'relay-clicks'],
            'valves without fuse' => ['valve-fuse-blown', 'car', 'valve-silent', 'relay-clicks'],
            'valves without relay' => ['valve-relay-dead', 'car', 'valve-silent', 'relay-clicks'],
            'pump without fuse, its relay is pulled all the same' => ['pump-fuse-blown', 'car', 'valve-clicks', 'relay-clicks'],
            'pump relay without winding' => ['pump-relay-dead', 'car', 'valve-clicks', 'relay-silent'],
            'pump relay welded' => ['pump-relay-welded', 'car', 'valve-clicks', 'relay-silent'],
            'pump relay burnt' => ['pump-relay-burnt', 'car', 'valve-clicks', 'relay-clicks'],
        ];
    }

    #[DataProvider('heard')]
    public function test_what_moves_at_the_unit_is_heard(string $kind, string $place, string $valve, string $relay): void
    {
        $bench = Workbench::withFault($kind, $place)->secured();

        self::assertSame($valve, $bench->do(new TurnKey(Ignition::On), new TestActuator('valves.FL'))->word('valve-sound'));
        self::assertSame($relay, $bench->do(new TestActuator('pump'))->word('relay-sound'));
    }

    /** A relay inside the unit is not heard by itself, and valves are not beside a pump that turns. */
    public function test_what_is_drowned_or_shut_in_is_not_heard(): void
    {
        $shown = static fn (string $car, TestActuator $test): array => Workbench::healthyCar($car)->secured()->do(new TurnKey(Ignition::On), $test)->values;

        self::assertArrayNotHasKey('relay-sound', $shown('brack-22', new TestActuator('pump')));
        self::assertArrayNotHasKey('valve-sound', $shown('lendo-15', new TestActuator('build-up.FL')));
        self::assertSame('valve-clicks', $shown('brack-22', new TestActuator('valves.FL'))['valve-sound'] ?? null);
    }
}
