<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\AttemptAction;

/** Looks are answered with pictures; the words for them stay where they are kept, and who cannot see a picture is told what is on it. */
final class PicturesTest extends FeatureTestCase
{
    private const LOOK = ['do' => 'look', 'channel' => 'FR', 'at' => 'cable'];

    /** Words that only put what is there into order. */
    private const PLAIN = ['sound', 'all', 'along', 'on', 'a', 'and'];

    public function test_the_word_for_what_is_seen_is_told_when_the_job_is_closed(): void
    {
        $attempt = $this->attempt($this->published(more: ['practice' => true]));
        $this->act($attempt, self::LOOK)->assertOk()->assertJsonPath('step.observation.values', [])->assertJsonPath('step.observation.picture.drawing', 'cable');
        $this->getJson("/api/attempts/$attempt->id")->assertOk()->assertJsonPath('steps.0.observation.values', []);
        $kept = AttemptAction::query()->where('attempt_id', $attempt->id)->firstOrFail()->observation;
        self::assertContains($kept['values']['sight'] ?? '', ['sheath-sound', 'chafed']);

        $this->act($attempt, ['do' => 'conclude'])->assertOk();
        $this->getJson("/api/attempts/$attempt->id/report")->assertOk()->assertJsonPath('steps.0.observation.values.sight', $kept['values']['sight'])->assertJsonPath('steps.0.observation.picture', $kept['picture']);
    }

    /** A rocked wheel is shown as well: what moves there is the apprentice's to say, of each part by itself. */
    public function test_what_moves_of_a_rocked_wheel_is_for_the_apprentice_to_say(): void
    {
        $attempt = $this->attempt();
        foreach (['chock', 'raise', 'stand'] as $step) {
            $this->act($attempt, ['do' => 'secure', 'step' => $step])->assertOk();
        }
        $this->act($attempt, ['do' => 'rock-wheel', 'channel' => 'FR'])->assertOk()->assertJsonPath('step.observation.values', [])->assertJsonPath('step.observation.picture.drawing', 'rocked-wheel');
        $said = ['do' => 'write-reading', 'of' => 4, 'feature' => 'ring', 'value' => null, 'unit' => '', 'word' => 'ring-firm', 'judgement' => 'in', 'comparedWith' => ''];
        $this->act($attempt, $said)->assertOk();
        $this->act($attempt, ['feature' => 'rim'] + $said)->assertUnprocessable();
    }

    /** Which number belongs on a sensor says the maker's sheet. */
    public function test_the_sheet_has_the_number_that_a_sound_sensor_bears(): void
    {
        $attempt = $this->attempt();
        foreach (['chock', 'raise', 'stand'] as $step) {
            $this->act($attempt, ['do' => 'secure', 'step' => $step])->assertOk();
        }
        $stamp = $this->act($attempt, ['do' => 'look', 'channel' => 'RL', 'at' => 'tip'])->assertOk()->json('step.observation.picture.shows.stamp');
        $axles = (array) $this->act($attempt, ['do' => 'look-up-data-sheet'])->assertOk()->json('dataSheet.axles');

        self::assertSame($stamp, array_column($axles, 'stamp', 'axle')['rear']);
    }

    /** A look of before was answered in words, and stays as it was. */
    public function test_a_look_from_before_there_were_pictures_is_told_in_words(): void
    {
        $attempt = $this->attempt();
        $this->act($attempt, self::LOOK)->assertOk();
        $stored = AttemptAction::query()->where('attempt_id', $attempt->id)->firstOrFail();
        $stored->update(['observation' => array_diff_key($stored->observation, ['picture' => true]), 'core_revision' => '21']);

        $this->getJson("/api/attempts/$attempt->id")->assertOk()->assertJsonPath('steps.0.observation.values.sight', $stored->observation['values']['sight'])->assertJsonMissingPath('steps.0.observation.picture');
        $this->act($attempt, ['do' => 'look-at-lamps'])->assertOk();
    }

    public function test_pictures_are_told_in_words_in_practice_and_to_whom_it_was_granted(): void
    {
        $examination = $this->attempt($this->published(more: ['practice' => false]));
        $practice = $this->attempt($this->published(more: ['practice' => true]));
        $this->actingAs($this->apprentice)->getJson("/api/attempts/$practice->id")->assertJsonPath('picturesDescribed', true);
        $this->getJson("/api/attempts/$examination->id")->assertJsonPath('picturesDescribed', false);

        $granted = fn (mixed $described) => $this->actingAs($this->instructor)->putJson("/api/people/{$this->apprentice->id}/pictures", ['described' => $described]);
        $granted('perhaps')->assertJsonValidationErrors('described');
        $granted(true)->assertOk()->assertJsonPath('picturesDescribed', true);
        $this->actingAs($this->apprentice)->getJson("/api/attempts/$examination->id")->assertJsonPath('picturesDescribed', true);
        self::assertStringNotContainsString('icturesDescribed', (string) $this->getJson('/api/session')->getContent());
        $granted(false)->assertOk()->assertJsonPath('picturesDescribed', false);
    }

    /** What is said of a picture names none of the words one may write down for it, nor a defect. */
    public function test_what_is_said_of_a_picture_is_no_verdict(): void
    {
        $words = (array) json_decode((string) file_get_contents(resource_path('lang/en.json')), true, flags: JSON_THROW_ON_ERROR);
        $of = static fn (string ...$prefixes): array => array_filter($words, static fn (string $key): bool => array_filter($prefixes, static fn (string $one): bool => str_starts_with($key, $one)) !== [], ARRAY_FILTER_USE_KEY);
        $said = implode("\n", array_map(strtolower(...), $of('look-says.', 'look-beside.', 'look-much.')));
        $verdicts = array_diff(array_map(strtolower(...), $of('sight.', 'defect.', 'fault.')), self::PLAIN);

        self::assertGreaterThan(150, count($verdicts));
        foreach ($verdicts as $key => $verdict) {
            self::assertStringNotContainsString($verdict, $said, $key);
        }
        foreach (['corroded', 'chafed', 'broken', 'missing', 'cracked', 'bent', 'blown', 'leak', 'worn', 'faulty', 'wrong', 'damage', 'defect', 'bad'] as $judging) {
            self::assertDoesNotMatchRegularExpression("~\\b$judging~", $said);
        }
    }
}
