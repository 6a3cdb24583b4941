<?php

declare(strict_types=1);

namespace Lernfall\Bay\Actuators;

use Lernfall\Bay\Contract\Setting;
use Lernfall\Bay\Contract\SettingRange;
use Lernfall\Bay\Contract\UnfitAction;
use Lernfall\Circuit\UnitOrder;
use Lernfall\Vehicle\BrakeParts;
use Lernfall\Vehicle\Brakes\Modulation;
use Lernfall\Vehicle\Brakes\UnitWiring;
use Lernfall\Vehicle\Vehicle;

/** What the scan terminal has the unit do while something is measured there: "pump", "reduce." or "hold." and a channel, one or several. */
final readonly class Commanded
{
    /** @param  list<string>  $words */
    public function __construct(public array $words = [])
    {
    }

    /** @return array<string, mixed> */
    public static function setting(): array
    {
        return Setting::list(Setting::text(), ['maxItems' => 8], 'What the terminal has the hydraulic unit do meanwhile: "pump", "reduce." or "hold." and a channel; left out, nothing');
    }

    public function isNothing(): bool
    {
        return $this->words === [];
    }

    /** The tool it takes; "" where nothing is commanded. */
    public function tool(): string
    {
        return $this->isNothing() ? '' : 'actuator-tests';
    }

    /** @throws UnfitAction */
    public function check(Vehicle $sound): void
    {
        $known = $sound->brakeParts->has(BrakeParts::PUMP) ? [BrakeParts::PUMP] : [];
        foreach (BrakeParts::channelsOf($sound->brakeParts->ids()) as $channel) {
            array_push($known, Modulation::Hold->value.".$channel", Modulation::Reduce->value.".$channel");
        }
        foreach ($this->words as $word) {
            SettingRange::known('while', $word, $sound->module->lampCodes === null ? $known : []);
        }
    }

    /**
     * @param  bool  $valvesFed  the module has pulled the relay of the valves by itself
     */
    public function order(UnitWiring $wiring, bool $valvesFed): UnitOrder
    {
        $positions = [];
        foreach ($this->valves() as $channel => $modulation) {
            $positions += $wiring->driven($channel, $modulation);
        }

        return new UnitOrder($valvesFed || $positions !== [], $positions, in_array(BrakeParts::PUMP, $this->words, true));
    }

    /** @return array<string, Modulation> by channel */
    public function valves(): array
    {
        $valves = [];
        foreach ($this->words as $word) {
            $parts = explode('.', $word, 2);
            if (count($parts) === 2) {
                $valves[$parts[1]] = Modulation::from($parts[0]);
            }
        }

        return $valves;
    }

    public function text(): string
    {
        return implode('+', $this->words);
    }
}
