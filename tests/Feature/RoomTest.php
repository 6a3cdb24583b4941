<?php

declare(strict_types=1);

namespace Tests\Feature;

use PHPUnit\Framework\Attributes\TestWith;

/** How much one job holds, and how fast it is filled. */
final class RoomTest extends FeatureTestCase
{
    /** @param  array<string, int>  $room */
    #[TestWith([['steps' => 5]])]
    #[TestWith([['bytes' => 1500]])]
    public function test_a_job_says_that_it_is_nearly_full_and_can_then_only_be_closed(array $room): void
    {
        config(array_combine(array_map(static fn (string $name): string => "lernfall.room.$name", array_keys($room)), $room));
        $attempt = $this->attempt();
        $this->act($attempt, ['do' => 'ignition', 'to' => 'on'])->assertOk()->assertJsonPath('room', null);
        $told = [];
        do {
            $answer = $this->act($attempt, ['do' => 'look-at-lamps']);
            $told[] = $answer->json('room');
        } while ($answer->isOk() && count($told) < 20);

        $answer->assertStatus(422)->assertJsonPath('errors.action.0', 'This job is as full as a job may be. It can only be closed now.');
        self::assertContains(0, $told);
        self::assertContains(null, array_slice($told, 0, 1));
        $this->getJson("/api/attempts/$attempt->id")->assertOk()->assertJsonPath('room', 0);
        $this->act($attempt, ['do' => 'conclude'])->assertOk();
    }

    /** A large number that somebody could think of does not fill one: a whole drive recorded. */
    public function test_the_longest_recording_takes_a_small_part_of_it(): void
    {
        $attempt = $this->attempt();
        $this->act($attempt, ['do' => 'ignition', 'to' => 'running'])->assertOk();
        $this->act($attempt, ['do' => 'record-drive', 'route' => 'free', 'onCode' => false, 'stretches' => [['kilometresPerHour' => 60, 'ground' => 'straight', 'seconds' => 180]]])->assertOk()->assertJsonPath('room', null);

        self::assertLessThan(50_000, strlen($attempt->actions()->where('number', 2)->firstOrFail()->stored('observation')));
    }

    public function test_nobody_works_faster_than_a_person_can(): void
    {
        config(['lernfall.actions_a_minute' => 3]);
        $this->freezeSecond();
        $attempt = $this->attempt();
        foreach (range(1, 3) as $time) {
            $this->act($attempt, ['do' => 'look-at-lamps'])->assertOk();
        }
        $this->act($attempt, ['do' => 'look-at-lamps'])->assertStatus(429)->assertHeader('Retry-After', '60')->assertJsonPath('message', 'That is faster than anybody works. The bay goes on in a moment.');
        $this->travel(60)->seconds();
        $this->act($attempt, ['do' => 'look-at-lamps'])->assertOk();
    }

    public function test_what_is_worked_out_afterwards_counts_when_it_is_taken(): void
    {
        config(['lernfall.actions_a_minute' => 3, 'lernfall.held.seconds' => 3600.0]);
        $this->freezeSecond();
        $attempt = $this->attempt();
        foreach (range(1, 3) as $time) {
            $this->act($attempt, ['do' => 'watch-lamp'], 1, '00000000-0000-4000-8000-000000000001')->assertStatus(202);
        }
        $this->act($attempt, ['do' => 'watch-lamp'], 1, '00000000-0000-4000-8000-000000000001')->assertStatus(429);
    }
}
