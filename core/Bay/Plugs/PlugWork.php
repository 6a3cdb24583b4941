<?php

declare(strict_types=1);

namespace Lernfall\Bay\Plugs;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Car\ElectricalDamage;
use Lernfall\Bay\Car\OutcomeBranching;
use Lernfall\Bay\Contract\Branch;
use Lernfall\Bay\Contract\Note;
use Lernfall\Bay\Contract\Prediction;
use Lernfall\Bay\Hands\Hands;
use Lernfall\Vehicle\Channel;
use Lernfall\Vehicle\Contact;
use Lernfall\Vehicle\Plug;
use Lernfall\Vehicle\Vehicle;

/** Opening plugs, and joining them again, which can make a poor contact good and destroy the evidence. */
final readonly class PlugWork
{
    public function __construct(private Hands $hands)
    {
    }

    /** @return non-empty-list<Branch> */
    public function unplug(Car $car, string $plug): array
    {
        $notes = $plug === $car->vehicle->module->plugId && $car->state->isPowered() ? [Note::ModulePlugLive] : [];
        $state = $car->state->plugOpened($plug);

        return Branch::only($car->in($plug === $car->vehicle->module->plugId ? $state->supplying([]) : $state), Prediction::of('done', [], $notes));
    }

    /**
     * Joining a plug again wipes its pins: a poor contact may be gone, and the evidence with it.
     *
     * @return non-empty-list<Branch>
     */
    public function join(Car $car, string $plug): array
    {
        $notes = $plug === $car->vehicle->module->plugId && $car->state->isPowered() ? [Note::ModulePlugLive] : [];
        $joined = $car->in($car->state->plugJoined($plug));
        $branches = [];
        $pins = $car->state->isOpen($plug) ? $this->corroded($car, $plug) : [];
        $chances = [];
        foreach (array_keys($pins) as $event) {
            $chances[$event] = $car->deviations->chance($event, $this->hands->wipesContact);
        }
        foreach (OutcomeBranching::of($joined, $chances) as [$weight, $state, $outcomes]) {
            $wiped = array_values(array_intersect_key($pins, array_filter($outcomes)));
            $branches[] = new Branch($weight, ElectricalDamage::done($this->wiped($joined, $plug, $wiped)->in($state)), Prediction::of('done', [], $notes));
        }

        return $branches;
    }

    /** @return array<string, array{string, string, string}> channel, plug and conductor of every corroded pin, by the event that it is wiped */
    private function corroded(Car $car, string $plugId): array
    {
        $joins = $car->state->record->asked[(new Join($plugId))->question()] ?? 0;
        $pins = [];
        foreach (self::plugs($car->vehicle, $plugId) as [$channel, $plug]) {
            foreach ($plug->contacts as $conductor => $contact) {
                if ($contact->corroded) {
                    $pins["wiped.$channel->id.{$plug->name()}.$conductor@$joins"] = [$channel->id, $plug->name(), (string) $conductor];
                }
            }
        }

        return $pins;
    }

    /**
     * Wiped pins conduct again, and stay as green as they were. A catch that was not home is now.
     *
     * @param  list<array{string, string, string}>  $wiped  channel, plug and conductor
     */
    private function wiped(Car $car, string $plugId, array $wiped): Car
    {
        $vehicle = $car->vehicle;
        foreach (self::plugs($car->vehicle, $plugId) as [$channel, $plug]) {
            $sound = $car->sound->channel($channel->id)->plug($plug->name());
            $vehicle = $vehicle->withChannel($channel->inEveryState(static function (Channel $state) use ($plug, $sound, $wiped): Channel {
                $here = $state->plug($plug->name());
                foreach ($wiped as [$id, $name, $conductor]) {
                    if ($id === $state->id && $name === $plug->name()) {
                        $here = $here->withContact($conductor, new Contact($sound->contacts[$conductor]->ohms, corroded: true));
                    }
                }

                return $state->withLink($here->latched ? $here : $sound);
            }));
        }

        return $car->withVehicle($vehicle);
    }

    /** @return list<array{Channel, Plug}> the channels that run through a housing */
    private static function plugs(Vehicle $vehicle, string $plugId): array
    {
        $plugs = [];
        foreach ($vehicle->channels as $channel) {
            foreach ($channel->plugs() as $plug) {
                if ($plug->plugId === $plugId) {
                    $plugs[] = [$channel, ($channel->acting->channel ?? $channel)->plug($plug->name())];
                }
            }
        }

        return $plugs;
    }
}
