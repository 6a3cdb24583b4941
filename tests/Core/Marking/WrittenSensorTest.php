<?php

declare(strict_types=1);

namespace Tests\Core\Marking;

use Lernfall\Bay\Contract\UnfitAction;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Support\Played;
use Tests\Support\Workbench;

/** What kind a sensor is and what its wires do is judged where it was written down. */
final class WrittenSensorTest extends TestCase
{
    /**
     * By hand: one half for the kind, and one half over two or three wires.
     *
     * @param  list<string>  $wires
     */
    #[TestWith(['harl-13', 'FL', 'passive', ['coil', 'coil'], 1.0])]
    #[TestWith(['harl-13', 'FL', 'current', ['supply', 'return'], 0.0])]
    #[TestWith(['lendo-15', 'FL', 'current', ['supply', 'return'], 1.0])]
    #[TestWith(['lendo-15', 'FL', 'current', ['return', 'supply'], 0.5])]
    #[TestWith(['lendo-15', 'RL', 'current', ['supply', 'return'], 0.5])]
    #[TestWith(['brack-22', 'FL', 'sinking', ['supply', 'ground', 'signal'], 1.0])]
    #[TestWith(['brack-22', 'FL', 'sourcing', ['supply', 'signal', 'ground'], 0.16666666666667])]
    #[TestWith(['brack-22', 'RL', 'sourcing', ['supply', 'ground', 'signal'], 1.0])]
    public function test_kind_and_wires_are_judged(string $car, string $corner, string $technology, array $wires, float $share): void
    {
        $mark = Played::on(Workbench::case([['tyre-other-size', 'RR']], Workbench::vehicle($car)))->do(
            ['do' => 'write-sensor', 'channel' => $corner, 'technology' => $technology, 'wires' => $wires],
        )->marks(Workbench::policy())->mark('judgement');

        self::assertEqualsWithDelta($share, $mark?->verdict->share, 1e-9);
        self::assertSame($share === 1.0 ? 'mark.judgement.right' : 'mark.judgement.sensor', $mark->verdict->reason);
    }

    public function test_every_wire_is_asked_for_and_no_more(): void
    {
        $this->expectException(UnfitAction::class);
        Played::on(Workbench::case())->do(['do' => 'write-sensor', 'channel' => 'FL', 'technology' => 'sinking', 'wires' => ['supply', 'ground', 'signal']]);
    }
}
