<?php

declare(strict_types=1);

namespace Tests\Core\Evidence\Belief;

use Lernfall\Evidence\Belief\CaseKnowledge;
use Lernfall\Evidence\Belief\Hypotheses;
use Lernfall\Vehicle\Provocation;
use PHPUnit\Framework\TestCase;
use Tests\Support\Workbench;

/** What the customer has noticed makes some faults more common, and nothing else. */
final class SymptomTest extends TestCase
{
    public function test_what_shows_after_rain_is_more_common_in_the_wet(): void
    {
        $symptom = Workbench::catalogue()->symptoms['after-rain'];
        $usual = $this->priors(new CaseKnowledge);
        $told = $this->priors(new CaseKnowledge(symptoms: [$symptom]));

        self::assertSame(array_keys($usual), array_keys($told), 'the same cars are possible');
        foreach ($usual as $key => $prior) {
            $expected = match (true) {
                str_contains($key, '+') => 1.0, // pairs have a chance of their own
                str_starts_with($key, 'plug-corroded:') && str_ends_with($key, ':wet') => $symptom->factors['plug-corroded'] * $symptom->underFactor,
                str_starts_with($key, 'loom-grounded:') && str_contains($key, ':wet') => $symptom->underFactor,
                str_starts_with($key, 'plug-corroded:'), str_starts_with($key, 'module-plug-corroded:'), str_starts_with($key, 'ground-rusty:') => $symptom->factors[explode(':', $key)[0]] * (str_contains($key, ':wet') ? $symptom->underFactor : 1.0),
                str_contains($key, ':wet') => $symptom->underFactor,
                default => 1.0,
            };
            self::assertEqualsWithDelta($expected * $prior, $told[$key], 1e-9 * max(1.0, $prior), $key);
        }
    }

    public function test_what_is_normal_speaks_for_a_sound_car(): void
    {
        $usual = $this->priors(new CaseKnowledge);
        $told = $this->priors(new CaseKnowledge(symptoms: [Workbench::catalogue()->symptoms['noise-on-pulling-away']]));

        self::assertEqualsWithDelta(60.0 * $usual['nothing'], $told['nothing'], 1e-9);
        unset($usual['nothing'], $told['nothing']);
        self::assertSame($usual, $told);
    }

    /** Two of them multiply, with what the instructor says besides. */
    public function test_they_add_up_with_what_the_instructor_knows(): void
    {
        $symptoms = Workbench::catalogue()->symptoms;
        $fault = Workbench::catalogue()->fault(Workbench::vehicle('harl-13'), 'plug-corroded', 'FL', '1', null, Provocation::Wet);
        $knowledge = new CaseKnowledge(['plug-corroded' => 3.0], symptoms: [$symptoms['after-rain'], $symptoms['over-bumps']]);

        self::assertSame(3.0 * 2.0 * 6.0, $knowledge->factor($fault));
    }

    /** @return array<string, float> by key */
    private function priors(CaseKnowledge $knowledge): array
    {
        return array_column(array_map(static fn ($one): array => [$one->key, $one->prior], $this->hypotheses($knowledge)->all), 1, 0);
    }

    private function hypotheses(CaseKnowledge $knowledge): Hypotheses
    {
        return Workbench::evidence()->of(Workbench::case([], Workbench::vehicle('harl-13')), $knowledge)->hypotheses;
    }
}
