<?php

declare(strict_types=1);

namespace Lernfall\Marking;

use Lernfall\Bay\Car\CarState;
use Lernfall\Bay\Contract\CarAction;
use Lernfall\Bay\Contract\Step;
use Lernfall\Bay\Inspection\LookAt;
use Lernfall\Bay\Job\Job;
use Lernfall\Bay\LampCodes\CodedCorners;
use Lernfall\Bay\LampCodes\CodesShown;
use Lernfall\Bay\Meter\Measure;
use Lernfall\Bay\Worksheet\WriteReading;
use Lernfall\Vehicle\Channel;
use Lernfall\Vehicle\Pads;

/** The same reading at a corner without a code in the same state: what tells normal from faulty where no sheet does. */
final readonly class Comparison
{
    public function __construct(private Job $job)
    {
    }

    /** The step that showed the same at another corner, and was written down; null where there is none. */
    public function of(Step $shown): ?Step
    {
        $corner = $this->corner($shown);
        if ($corner === '') {
            return null;
        }
        foreach ($this->job->entries(WriteReading::class) as $written) {
            $other = $written->action instanceof WriteReading ? $this->job->step($written->action->of) : null;
            $there = $other === null ? '' : $this->corner($other);
            if ($other !== null && Entry::of($this->job, $written)->isAsShown() && $there !== '' && $there !== $corner && ! $this->hasCode($there, $other->number)
                && $this->asks($shown, $corner) === $this->asks($other, $there)
                && $this->state($shown->before->state, $corner) === $this->state($other->before->state, $there)) {
                return $other;
            }
        }

        return null;
    }

    /** Whether it was said what a reading was compared with: a sheet, or a corner of the same axle. */
    public function isStated(WriteReading $written, Step $shown): bool
    {
        $corner = $this->corner($shown);
        $named = array_filter($this->job->case->sound->channelIds(), static fn (string $id): bool => preg_match('~\b'.preg_quote($id, '~').'\b~i', $written->comparedWith) === 1);
        $axle = fn (string $id): string => $this->job->case->sound->channel($id)->place->axle;

        return trim($written->comparedWith) !== ''
            && ($corner === '' || $named === [] || array_filter($named, static fn (string $id): bool => $axle($id) === $axle($corner)) !== []);
    }

    private function corner(Step $step): string
    {
        $vehicle = $this->job->case->sound;
        $action = $step->action;
        if ($action instanceof LookAt) {
            return $vehicle->hasChannel($action->channel) ? $action->channel : '';
        }

        if (! $action instanceof Measure) {
            return '';
        }
        $first = Pads::find($vehicle, $action->first)->channel;

        return $first === '' ? Pads::find($vehicle, $action->second)->channel : $first;
    }

    private function asks(Step $step, string $corner): string
    {
        return $step->action instanceof CarAction ? str_replace($corner, 'corner', $step->action->question()) : '';
    }

    /** Key, plugs of this corner, and whether its wheel turns. */
    private function state(CarState $state, string $corner): string
    {
        $plugs = array_map(
            static fn (string $plug): string => str_replace($corner, 'corner', $plug),
            array_intersect($state->places->openPlugs, $this->plugsOf($this->job->case->sound->channel($corner))),
        );
        sort($plugs);

        return implode(' ', [$state->key->position->value, ...$plugs, $state->wheels->turnsOf($corner)]);
    }

    /** @return list<string> */
    private function plugsOf(Channel $channel): array
    {
        return array_map(static fn ($plug): string => $plug->plugId, $channel->plugs());
    }

    /** Whether the codes read last before a step name this corner; before any were read, nobody knows that they do not. */
    private function hasCode(string $corner, int $before): bool
    {
        $codes = null;
        foreach ($this->job->steps as $step) {
            if ($step->number < $before) {
                $codes = CodesShown::at($step) ?? $codes;
            }
        }

        return $codes === null || in_array($corner, CodedCorners::named(array_keys($codes), $this->job->case->sound), true);
    }
}
