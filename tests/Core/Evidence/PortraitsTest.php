<?php

declare(strict_types=1);

namespace Tests\Core\Evidence;

use Lernfall\Bay\Repair\RepairKind;
use Lernfall\Evidence\Portrait\PicturePair;
use Lernfall\Evidence\Portrait\Portrait;
use Lernfall\Evidence\Portrait\Portraits;
use PHPUnit\Framework\TestCase;
use Tests\Support\Workbench;

/** The handbook's page of faults, against what the trade knows of each. */
final class PortraitsTest extends TestCase
{
    public function test_every_kind_has_a_portrait_and_shares_add_up(): void
    {
        $portraits = $this->portraits();

        self::assertEqualsCanonicalizing(array_keys(Workbench::catalogue()->entries), array_keys($portraits));
        self::assertEqualsWithDelta(1.0, array_sum(array_map(static fn (Portrait $one): float => $one->share, $portraits)), 1e-9);
    }

    public function test_what_it_says_of_some_faults(): void
    {
        $portraits = $this->portraits();

        self::assertSame([RepairKind::CleanTip, RepairKind::ReplaceSensor], $portraits['tip-dusty']->cures);
        self::assertSame([RepairKind::TapeLoom], $portraits['loom-grounded']->seeming);
        self::assertTrue($portraits['plug-corroded']->joiningCanCure);
        self::assertTrue($portraits['plug-unlatched']->joiningCanCure);
        self::assertFalse($portraits['coil-open']->joiningCanCure);
        self::assertSame([], $portraits['old-code']->cures, 'nothing to repair');
        self::assertSame(['fuse-blown'], array_keys($portraits['fuse-blown']->noticed));
        self::assertEqualsWithDelta(0.9, $portraits['tooth-missing']->noticed['tooth-missing'], 1e-9);
        self::assertArrayHasKey('ring-wobbles', $portraits['ring-bent']->noticed);
        self::assertArrayHasKey('play-felt', $portraits['bearing-play']->noticed);
        self::assertSame([], $portraits['coil-open']->noticed);
    }

    public function test_what_hands_find_is_shown_as_a_rocked_wheel_beside_a_sound_one(): void
    {
        $portraits = $this->portraits();
        foreach ([['bearing-play', 'play-felt', 'rimMillimetres'], ['ring-loose', 'ring-turns', 'ringMillimetres'], ['sensor-loose', 'sensor-moves', 'sensorMillimetres']] as [$kind, $word, $moves]) {
            $pairs = array_values(array_filter($portraits[$kind]->pictures, static fn (PicturePair $one): bool => $one->at === PicturePair::ROCKED));
            self::assertCount(1, $pairs, $kind);
            self::assertSame($word, $pairs[0]->sight);
            self::assertGreaterThan(2.0 * $pairs[0]->sound->shows[$moves], $pairs[0]->faulty->shows[$moves], $kind);
        }
        self::assertSame([], array_filter($portraits['linings-worn']->pictures, static fn (PicturePair $one): bool => $one->at === PicturePair::ROCKED));
    }

    /** Plugs and wiring before sensors, sensors before hubs, hubs before modules: common practice, no source. */
    public function test_the_common_ones_come_first(): void
    {
        $share = static fn (array $portraits, string ...$stations): float => array_sum(array_map(
            static fn (Portrait $one): float => in_array($one->entry->kind->station, $stations, true) ? $one->share : 0.0, $portraits,
        ));
        $portraits = $this->portraits();

        self::assertGreaterThan($share($portraits, 'sensor'), $share($portraits, 'sensor-plug', 'loom', 'module-plug', 'extension'));
        self::assertGreaterThan($share($portraits, 'ring'), $share($portraits, 'sensor'));
        self::assertGreaterThan($share($portraits, 'module'), $share($portraits, 'ring'));
    }

    public function test_brakes_are_looked_at_as_well(): void
    {
        $portraits = $this->portraits();

        self::assertArrayHasKey('linings-oily', $portraits['lining-oily']->noticed);
        self::assertArrayHasKey('linings-thin', $portraits['linings-worn']->noticed);
        self::assertArrayHasKey('line-wet', $portraits['brake-line-leaking']->noticed);
        self::assertArrayHasKey('fluid-low', $portraits['fluid-low']->noticed);
    }

    /** @return array<string, Portrait> by kind */
    private function portraits(): array
    {
        $portraits = [];
        foreach ((new Portraits(Workbench::simulator(), Workbench::catalogue(), [Workbench::vehicle(), Workbench::vehicle('lendo-15'), Workbench::vehicle('brack-22')]))->all() as $portrait) {
            $portraits[$portrait->entry->kind->id] = $portrait;
        }

        return $portraits;
    }
}
