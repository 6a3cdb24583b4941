<?php

declare(strict_types=1);

namespace Lernfall\Bay\BenchSupply;

use Lernfall\Bay\Contract\Setting;
use Lernfall\Bay\Contract\SettingRange;
use Lernfall\Circuit\BenchLeads;
use Lernfall\Document\Node;
use Lernfall\Vehicle\Channel;
use Lernfall\Vehicle\Pad;
use Lernfall\Vehicle\Pads;
use Lernfall\Vehicle\PadSide;
use Lernfall\Vehicle\Vehicle;

/** The leads of the bench supply as an action places them, by the names of the pads. */
final readonly class PlacedLeads
{
    /** Hangs free, or is not there. */
    private const NOWHERE = '';

    private const LOAD_OHMS = [1.0, 100000.0];

    public function __construct(public string $positive, public string $negative, public string $loadFirst, public string $loadSecond, public float $loadOhms)
    {
    }

    /** @return array<string, mixed> */
    public static function schema(): array
    {
        return Setting::group([
            'positive' => Setting::text('pad of the sensor that the lead from the positive terminal is on'), 'negative' => Setting::text('the same from the negative one; empty where it hangs free'),
            'loadFirst' => Setting::text('pad or terminal at one end of the load resistor; empty where there is none'), 'loadSecond' => Setting::text('and at its other end'), 'loadOhms' => Setting::number(),
        ]);
    }

    public static function read(Node $node): self
    {
        return new self($node->text('positive'), $node->text('negative'), $node->text('loadFirst'), $node->text('loadSecond'), $node->float('loadOhms'));
    }

    /** Leads go on pins of the unplugged sensor, the load between those and the supply's own terminals. */
    public function check(Channel $channel): void
    {
        $pins = self::pins($channel);
        SettingRange::known('leads.positive', $this->positive, $pins);
        SettingRange::known('leads.negative', $this->negative, [...$pins, self::NOWHERE]);
        $ends = [...$pins, ...Pads::BENCH];
        $hasLoad = $this->loadFirst !== self::NOWHERE || $this->loadSecond !== self::NOWHERE;
        if ($hasLoad) {
            SettingRange::known('leads.loadFirst', $this->loadFirst, $ends);
            SettingRange::known('leads.loadSecond', $this->loadSecond, array_values(array_diff($ends, [$this->loadFirst])));
            SettingRange::between('leads.loadOhms', $this->loadOhms, self::LOAD_OHMS);
        }
    }

    public function on(Vehicle $vehicle): BenchLeads
    {
        $pad = static fn (string $id): Pad => Pads::find($vehicle, $id);

        return new BenchLeads(
            $pad($this->positive), $this->negative === self::NOWHERE ? null : $pad($this->negative),
            $this->loadFirst === self::NOWHERE ? null : [$pad($this->loadFirst), $pad($this->loadSecond)], max(self::LOAD_OHMS[0], $this->loadOhms),
        );
    }

    /** Tells two placings apart. */
    public function text(): string
    {
        return "$this->positive $this->negative $this->loadFirst $this->loadSecond $this->loadOhms";
    }

    /** @return list<string> the sensor's own, on its side of its plug */
    private static function pins(Channel $channel): array
    {
        $plug = $channel->plugs()[0]->name();

        return array_map(static fn ($one): string => Pad::onPlug($channel->id, $plug, PadSide::Wheel, $one->id)->id, $channel->conductors);
    }
}
