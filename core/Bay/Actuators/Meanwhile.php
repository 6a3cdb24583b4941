<?php

declare(strict_types=1);

namespace Lernfall\Bay\Actuators;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Contract\Setting;
use Lernfall\Bay\Contract\SettingRange;
use Lernfall\Bay\Contract\UnfitAction;
use Lernfall\Circuit\UnitOrder;
use Lernfall\Vehicle\BrakeParts;
use Lernfall\Vehicle\Brakes\Modulation;
use Lernfall\Vehicle\Brakes\UnitWiring;
use Lernfall\Vehicle\Vehicle;

/**
 * What goes on at the brakes while something is measured there: the terminal runs "pump", "reduce." or "hold." and a channel, one or several; a hand works a
 * switch, "work." and its name.
 */
final readonly class Meanwhile
{
    /** Before a switch: somebody presses, pulls or warms what it watches. */
    public const WORK = 'work.';

    /** @param  list<string>  $words */
    public function __construct(public array $words = [])
    {
    }

    /** @return array<string, mixed> */
    public static function setting(): array
    {
        return Setting::list(Setting::text(), ['maxItems' => 8], 'What the terminal has the hydraulic unit do meanwhile: "pump", "reduce." or "hold." and a channel; or "work." and a switch a hand works; left out, nothing');
    }

    public function isNothing(): bool
    {
        return $this->words === [];
    }

    /** The tool it takes; "" where nothing is commanded. */
    public function tool(): string
    {
        return $this->commanded() === [] ? '' : 'actuator-tests';
    }

    /** @throws UnfitAction */
    public function check(Vehicle $sound): void
    {
        $known = $sound->brakeParts->has(BrakeParts::PUMP) ? [BrakeParts::PUMP] : [];
        foreach (BrakeParts::channelsOf($sound->brakeParts->ids()) as $channel) {
            array_push($known, Modulation::Hold->value.".$channel", Modulation::Reduce->value.".$channel");
        }
        $switches = array_map(static fn (string $switch): string => self::WORK.$switch, $sound->brakeParts->switches());
        foreach ($this->words as $word) {
            SettingRange::known('while', $word, [...$known, ...$switches]);
        }
    }

    /** What is switched at the unit of a car meanwhile; a terminal gets nothing done through a module that is not awake. */
    public function order(Car $car, UnitWiring $wiring): UnitOrder
    {
        if ($car->vehicle->module->talksToScanTools() && ! $car->modulePowered()) {
            return new UnitOrder;
        }
        $positions = [];
        foreach ($this->valves() as $channel => $modulation) {
            $positions += $wiring->driven($channel, $modulation);
        }

        return new UnitOrder($car->feedsValves() || $positions !== [], $positions, $this->runsPump());
    }

    public function runsPump(): bool
    {
        return in_array(BrakeParts::PUMP, $this->words, true);
    }

    /** @return array<string, Modulation> by channel */
    public function valves(): array
    {
        $valves = [];
        foreach ($this->commanded() as $word) {
            $parts = explode('.', $word, 2);
            if (count($parts) === 2) {
                $valves[$parts[1]] = Modulation::from($parts[0]);
            }
        }

        return $valves;
    }

    /** @return list<string> switches a hand works */
    public function worked(): array
    {
        return array_map(static fn (string $word): string => substr($word, strlen(self::WORK)), array_values(array_filter($this->words, self::isWork(...))));
    }

    public function text(): string
    {
        return implode('+', $this->words);
    }

    /** @return list<string> what takes a terminal */
    public function commanded(): array
    {
        return array_values(array_filter($this->words, static fn (string $word): bool => ! self::isWork($word)));
    }

    private static function isWork(string $word): bool
    {
        return str_starts_with($word, self::WORK);
    }
}
