<?php

declare(strict_types=1);

namespace Tests\Support;

use Closure;
use InvalidArgumentException;
use Lernfall\Bay\BenchSupply\FeedSensor;
use Lernfall\Bay\Contract\Action;
use Lernfall\Bay\Contract\CarAction;
use Lernfall\Bay\Driving\RoadTest;
use Lernfall\Bay\Hands\Provoke;
use Lernfall\Bay\Hands\TurnWheel;
use Lernfall\Bay\Key\TurnKey;
use Lernfall\Bay\Lift\Secure;
use Lernfall\Bay\Lift\SecureStep;
use Lernfall\Bay\Plugs\Join;
use Lernfall\Bay\Plugs\Unplug;
use Lernfall\Bay\Repair\Repair;
use Lernfall\Bay\Repair\RepairKind;
use Lernfall\Bay\Scan\ClearCodes;
use Lernfall\Bay\Scan\ReadCodes;
use Lernfall\Bay\Worksheet\Conclude;
use Lernfall\Bay\Worksheet\HandOver;
use Lernfall\Bay\Worksheet\Judgement;
use Lernfall\Bay\Worksheet\NameCause;
use Lernfall\Bay\Worksheet\WriteCode;
use Lernfall\Bay\Worksheet\WriteReading;
use Lernfall\Drive\FreeDrive;
use Lernfall\Drive\Route;

/** What a sound job becomes by one slip of the hand, of the head or of the pen. */
final class Lapse
{
    /** A number nobody saw. */
    private const INVENTED = 9999.0;

    /** @var list<array{?int, Action}> */
    private array $items;

    private int $repair;

    /** @param  list<Action>  $actions  of a sound job */
    private function __construct(array $actions)
    {
        $this->items = array_map(static fn (Action $action, int $place): array => [$place + 1, $action], $actions, array_keys($actions));
        $this->repair = array_key_first(array_filter($actions, static fn (Action $one): bool => $one instanceof Repair)) ?? count($actions);
    }

    /**
     * @param  list<Action>  $actions
     * @return list<Action>
     */
    public static function in(array $actions, string $lapse, string $corner): array
    {
        $job = new self($actions);
        match ($lapse) {
            'unsafe' => $job->before(static fn (Action $one): bool => $one instanceof Secure && $one->step === SecureStep::Chock, new TurnWheel($corner, 0.5)),
            'unsafe-twice' => $job->before(static fn (Action $one): bool => $one instanceof Secure && $one->step === SecureStep::Chock, new TurnWheel($corner, 0.5), new TurnWheel($corner, 0.5)),
            'codes-unwritten' => $job->without(static fn (Action $one): bool => $one instanceof WriteCode),
            'cleared-first' => $job->before(static fn (Action $one): bool => $one instanceof WriteCode, new ClearCodes),
            'code-invented' => $job->before(static fn (Action $one): bool => $one instanceof WriteReading || $one instanceof NameCause, new WriteCode('C0999-13', 'present')),
            'inverted' => $job->written(static fn (WriteReading $one): WriteReading => self::judged($one, match ($one->judgement) {
                Judgement::In => Judgement::Out,
                Judgement::Out => Judgement::In,
                default => $one->judgement,
            })),
            'unsure' => $job->written(static fn (WriteReading $one): WriteReading => self::judged($one, Judgement::Unsure)),
            'invented' => $job->written(static fn (WriteReading $one): WriteReading => $one->unit === '' && $one->word !== 'open' ? $one : new WriteReading($one->of, $one->feature, self::INVENTED, $one->unit === '' ? 'kΩ' : $one->unit, '', $one->judgement, $one->comparedWith)),
            'slip' => $job->written(static fn (WriteReading $one): WriteReading => $one->value === null ? $one : new WriteReading($one->of, $one->feature, 1000.0 * $one->value, $one->unit, '', $one->judgement, $one->comparedWith)),
            'unproven' => $job->afterRepair(static fn (Action $one): bool => ! $one instanceof Conclude && ! $one instanceof Repair),
            'crawled' => $job->driven(FreeDrive::straight(0.6, 1.0)),
            'straight-on' => $job->driven(Route::Straight),
            'unread' => $job->afterRepair(static fn (Action $one): bool => $one instanceof ReadCodes),
            'guessed' => $job->without(static fn (Action $one): bool => $one instanceof WriteReading),
            'taped' => $job->guessedAfterTape($corner),
            'needless' => $job->before(static fn (Action $one): bool => $one instanceof Repair, new Repair(RepairKind::CleanModulePlug, $corner)),
            'killed' => $job->before(static fn (Action $one): bool => $one instanceof Repair, new Unplug("$corner.sensor-plug"), new FeedSensor($corner, 12.0, 0.1, true), new FeedSensor($corner, 0.0, 0.0, false), new Join("$corner.sensor-plug"),
                ...self::secured(SecureStep::Chock, SecureStep::Raise, SecureStep::Stand), ...[new Repair(RepairKind::ReplaceSensor, $corner)], ...self::secured(SecureStep::Lower, SecureStep::Unchock)),
            'given-back' => $job->closed(null),
            'driven-away' => $job->closed(new HandOver('brake-specialist', HandOver::DRIVEN)),
            'cause-unsupported' => $job->named(static fn (NameCause $one): NameCause => new NameCause($one->channel, $one->station, $one->defect, [], $one->expects)),
            'cause-unnamed' => $job->without(static fn (Action $one): bool => $one instanceof NameCause),
            'sent-on' => $job->closed(new HandOver('makers-workshop', HandOver::CARRIED)),
            'not-wetted' => $job->afterRepair(static fn (Action $one): bool => $one instanceof Provoke),
            'renewed-all-the-same' => $job->before(static fn (Action $one): bool => $one instanceof ClearCodes || $one instanceof Conclude, new Repair(RepairKind::CleanModulePlug, $corner)),
            default => throw new InvalidArgumentException($lapse),
        };

        return Rewritten::actions($job->items);
    }

    /** @return list<Secure> */
    private static function secured(SecureStep ...$steps): array
    {
        return array_map(static fn (SecureStep $step): Secure => new Secure($step), array_values($steps));
    }

    private static function judged(WriteReading $one, Judgement $judgement): WriteReading
    {
        return new WriteReading($one->of, $one->feature, $one->value, $one->unit, $one->word, $judgement, $one->comparedWith);
    }

    /** @param  Closure(Action): bool  $is */
    private function before(Closure $is, Action ...$more): void
    {
        foreach ($this->items as $place => [, $action]) {
            if ($is($action)) {
                array_splice($this->items, $place, 0, array_map(static fn (Action $one): array => [null, $one], array_values($more)));

                return;
            }
        }
    }

    /** @param  Closure(Action): bool  $is */
    private function without(Closure $is): void
    {
        $this->items = array_values(array_filter($this->items, static fn (array $item): bool => ! $is($item[1])));
    }

    /** @param  Closure(WriteReading): WriteReading  $as */
    private function written(Closure $as): void
    {
        $this->items = array_map(static fn (array $item): array => $item[1] instanceof WriteReading ? [$item[0], $as($item[1])] : $item, $this->items);
    }

    /** @param  Closure(Action): bool  $leaves  whether it is left out once something was repaired */
    private function afterRepair(Closure $leaves): void
    {
        $this->items = array_values(array_filter($this->items, fn (array $item): bool => $item[0] === null || $item[0] <= $this->repair + 1 || ! $leaves($item[1])));
    }

    /** The car leaves in another way. */
    private function closed(?HandOver $handOver): void
    {
        $this->items = array_map(static fn (array $item): array => $item[1] instanceof Conclude ? [$item[0], new Conclude($handOver)] : $item, $this->items);
    }

    /** @param  Closure(NameCause): NameCause  $as */
    private function named(Closure $as): void
    {
        $this->items = array_map(static fn (array $item): array => $item[1] instanceof NameCause ? [$item[0], $as($item[1])] : $item, $this->items);
    }

    /** The drive after the repair is another one, and the key is not cycled any more. */
    private function driven(FreeDrive|Route $route): void
    {
        $this->afterRepair(static fn (Action $one): bool => $one instanceof TurnKey && $one->to->value !== 'running');
        $this->items = array_map(static fn (array $item): array => $item[1] instanceof RoadTest ? [$item[0], new RoadTest($route)] : $item, $this->items);
    }

    /** No test is left, and the loom is taped before it is repaired. */
    private function guessedAfterTape(string $corner): void
    {
        $this->without(static fn (Action $one): bool => $one instanceof WriteReading || $one instanceof CarAction && $one->name() === 'measure' || $one->name() === 'provoke' || $one->name() === 'look');
        $this->before(static fn (Action $one): bool => $one instanceof Repair, new Repair(RepairKind::TapeLoom, $corner));
    }
}
