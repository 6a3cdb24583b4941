<?php

declare(strict_types=1);

namespace Lernfall\Bay\Plugs;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Car\ElectricalDamage;
use Lernfall\Bay\Car\OutcomeBranching;
use Lernfall\Bay\Contract\Branch;
use Lernfall\Bay\Contract\CarAction;
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

    /** @return non-empty-list<Branch> */
    public function join(Car $car, string $plug): array
    {
        $notes = $plug === $car->vehicle->module->plugId && $car->state->isPowered() ? [Note::ModulePlugLive] : [];

        return array_map(
            static fn (array $way): Branch => new Branch($way[0], ElectricalDamage::done($way[1]), Prediction::of('done', [], $notes)),
            $this->joined($car, $plug, (string) ($car->state->record->asked[(new Join($plug))->question()] ?? 0)),
        );
    }

    /**
     * Plugs that were opened and joined again on the way.
     *
     * @param  list<string>  $plugs
     * @param  CarAction  $action  in the course of which
     * @return non-empty-list<array{float, Car}> weight and car
     */
    public function reseated(Car $car, array $plugs, CarAction $action): array
    {
        $ways = [[1.0, $car]];
        $occasion = $action->question().' '.($car->state->record->asked[$action->question()] ?? 0);
        foreach ($plugs as $plug) {
            $next = [];
            foreach ($ways as [$weight, $one]) {
                foreach ($this->joined($one->in($one->state->plugOpened($plug)), $plug, $occasion) as [$share, $joined]) {
                    $next[] = [$weight * $share, $joined];
                }
            }
            $ways = $next;
        }

        return $ways;
    }

    /**
     * Joining a plug again wipes its pins: a poor contact may be gone, and the evidence with it.
     *
     * @param  string  $occasion  names this time among all others
     * @return non-empty-list<array{float, Car}> weight and car
     */
    private function joined(Car $car, string $plug, string $occasion): array
    {
        $joined = $car->in($car->state->plugJoined($plug));
        $pins = $car->state->isOpen($plug) ? $this->corroded($car, $plug, $occasion) : [];
        $chances = [];
        foreach (array_keys($pins) as $event) {
            $chances[$event] = $car->deviations->chance($event, $this->hands->wipesContact);
        }
        $ways = [];
        foreach (OutcomeBranching::of($joined, $chances) as [$weight, $state, $outcomes]) {
            $wiped = array_values(array_intersect_key($pins, array_filter($outcomes)));
            $ways[] = [$weight, $this->wiped($joined, $plug, $wiped)->in($state)];
        }

        return $ways;
    }

    /** @return array<string, array{string, string, string}> channel, plug and conductor of every corroded pin, by the event that it is wiped */
    private function corroded(Car $car, string $plugId, string $occasion): array
    {
        $pins = [];
        foreach (self::plugs($car->vehicle, $plugId) as [$channel, $plug]) {
            foreach ($plug->contacts as $conductor => $contact) {
                if ($contact->corroded) {
                    $pins["wiped.$channel->id.{$plug->name()}.$conductor@$occasion"] = [$channel->id, $plug->name(), (string) $conductor];
                }
            }
        }

        return $pins;
    }

    /**
     * Wiped pins conduct again, and stay as green as they were. A catch that was not home is now. A channel on which nothing has
     * changed stays the very same, so that whatever is known of it still holds.
     *
     * @param  list<array{string, string, string}>  $wiped  channel, plug and conductor
     */
    private function wiped(Car $car, string $plugId, array $wiped): Car
    {
        $vehicle = $car->vehicle;
        foreach (self::plugs($car->vehicle, $plugId) as [$channel, $plug]) {
            $name = $plug->name();
            $pins = array_column(array_filter($wiped, static fn (array $pin): bool => $pin[0] === $channel->id && $pin[1] === $name), 2);
            if ($pins !== [] || ! $plug->latched || ! $channel->plug($name)->latched) {
                $sound = $car->sound->channel($channel->id)->plug($name);
                $vehicle = $vehicle->withChannel($channel->inEveryState(static fn (Channel $state): Channel => $state->withLink(self::home($state->plug($name), $sound, $pins))));
            }
        }

        return $vehicle === $car->vehicle ? $car : $car->withVehicle($vehicle);
    }

    /** @param  list<string>  $wiped  conductors */
    private static function home(Plug $plug, Plug $sound, array $wiped): Plug
    {
        if (! $plug->latched) {
            return $sound;
        }
        foreach ($wiped as $conductor) {
            $plug = $plug->withContact($conductor, new Contact($sound->contacts[$conductor]->ohms, corroded: true));
        }

        return $plug;
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
