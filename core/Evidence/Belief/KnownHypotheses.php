<?php

declare(strict_types=1);

namespace Lernfall\Evidence\Belief;

use Lernfall\Bay\Contract\Simulator;
use Lernfall\Fault\Catalogue;
use Lernfall\Fault\Fault;
use Lernfall\Vehicle\Vehicle;

/** Hypotheses by vehicle and what an instructor tells about it, drawn up once; the fault of a case has no part in them. */
final class KnownHypotheses
{
    /** Some twelve megabytes each, the one asked for last at the end. */
    private const MOST = 6;

    /** Of those for judging, which keep the usual ones they were made from. */
    private const MOST_AMONG = 3;

    /** @var array<string, Hypotheses> */
    private array $known = [];

    /** @var array<string, array{Hypotheses, Hypotheses}> the usual ones, and those with the faults of a case among them */
    private array $amongKnown = [];

    public function __construct(private readonly Simulator $simulator, private readonly Catalogue $catalogue, public readonly Weighing $weighing)
    {
    }

    public function of(Vehicle $sound, CaseKnowledge $knowledge): Hypotheses
    {
        $name = hash('xxh128', serialize([$sound, $knowledge->priorFactors, $knowledge->lampTold, $knowledge->symptoms, array_map(self::keys(...), $knowledge->pairs)]));
        $hypotheses = $this->known[$name] ?? Hypotheses::of(new Lineup($sound, $knowledge, $this->catalogue, $this->weighing, $this->simulator));
        unset($this->known[$name]);
        $this->known = array_slice($this->known, -self::MOST + 1, preserve_keys: true) + [$name => $hypotheses];

        return $hypotheses;
    }

    /**
     * With these faults among others like them: for judging only.
     *
     * @param  list<Fault>  $faults
     */
    public function among(Vehicle $sound, CaseKnowledge $knowledge, array $faults): Hypotheses
    {
        $usual = $this->of($sound, $knowledge);
        $name = spl_object_id($usual).' '.implode(' ', self::keys($faults));
        [$of, $hypotheses] = $this->amongKnown[$name] ?? [$usual, $usual->among($faults)];
        unset($this->amongKnown[$name]);
        $this->amongKnown = array_slice($this->amongKnown, -self::MOST_AMONG + 1, preserve_keys: true) + [$name => [$of, $hypotheses]];

        return $hypotheses;
    }

    /**
     * @param  list<Fault>  $faults
     * @return list<string>
     */
    private static function keys(array $faults): array
    {
        return array_map(static fn (Fault $fault): string => $fault->key(), $faults);
    }
}
