<?php

declare(strict_types=1);

namespace Tests\Reference;

use Lernfall\Chance\Draw;
use Lernfall\Circuit\Attached;
use Lernfall\Circuit\ChannelNetlist;
use Lernfall\Circuit\ElectricalState;
use Lernfall\Circuit\JumperLead;
use Lernfall\Circuit\LiveCircuit;
use Lernfall\Circuit\Temperatures;
use Lernfall\Vehicle\Channel;
use Lernfall\Vehicle\Pads;
use PHPUnit\Framework\TestCase;
use RuntimeException;
use Tests\Support\SpiceExport;
use Tests\Support\Sweep;
use Tests\Support\Workbench;

/** Two sensors that do not follow Ohm's law behind one feed, with whatever resistance between them, against ngspice. */
final class TwoSensorsOnOneLoomTest extends TestCase
{
    private const CIRCUITS = 120;

    public function test_they_settle_where_the_circuit_simulator_finds_them(): void
    {
        foreach (Sweep::of(range(1, self::CIRCUITS), 40) as $number) {
            $draw = new Draw("loom $number");
            $vehicle = Workbench::vehicle('lendo-15');
            $channels = [];
            foreach (['FL', 'FR'] as $id) {
                $channels[$id] = $this->thinned($vehicle->channel($id), $draw);
            }
            $leads = array_map(static fn (int $wire): JumperLead => new JumperLead(
                Pads::find($vehicle, "FL.sensor-plug.wheel.$wire"), Pads::find($vehicle, $draw->uniform('crossed') < 0.25 ? 'FR.sensor-plug.wheel.'.(3 - $wire) : "FR.sensor-plug.wheel.$wire"),
            ), [1, 2]);
            $state = new ElectricalState(true, 12.6, ['FL.sensor-plug'], new Temperatures(20.0), $draw->uniform('fed') < 0.5 ? ['FR'] : [], attached: new Attached(jumpers: $leads));
            $circuit = LiveCircuit::of($channels, $state, ['FL' => (int) ($draw->uniform('FL') < 0.5), 'FR' => (int) ($draw->uniform('FR') < 0.5)]);
            foreach ([ChannelNetlist::sensorNodes($channels['FL']), ChannelNetlist::inputNodes($channels['FR'])] as [$first, $second]) {
                $ours = $circuit->solved()->voltsBetween($first, $second);
                $theirs = $this->simulated(SpiceExport::of($circuit, $first, $second));

                self::assertEqualsWithDelta($theirs, $ours, max(1e-5, abs($theirs) * 1e-5), "$number: $first");
            }
        }
    }

    private function thinned(Channel $channel, Draw $draw): Channel
    {
        $loom = $channel->cable('loom');
        foreach ($loom->wires as $id => $wire) {
            $loom = $loom->withWire((string) $id, $wire->thinned(10.0 ** (4.0 * $draw->uniform("$channel->id.$id") - 1.0)));
        }

        return $channel->withLink($loom);
    }

    private function simulated(string $netlist): float
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'lernfall-loom');
        file_put_contents($file, $netlist);
        exec('ngspice -b '.escapeshellarg($file).' 2>/dev/null', $lines);
        unlink($file);

        return preg_match('~^reading = (\S+)~m', implode("\n", $lines), $found) === 1 ? (float) $found[1] : throw new RuntimeException('no reading');
    }
}
