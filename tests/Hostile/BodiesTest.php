<?php

declare(strict_types=1);

namespace Tests\Hostile;

use App\Models\Attempt;
use App\Models\AttemptAction;
use App\Models\JoinRequest;
use App\Models\OwnVehicle;
use App\Models\User;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\Facades\Route;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Feature\FeatureTestCase;
use Tests\Support\ActionExamples;
use Tests\Support\Sweep;

/** Every endpoint that takes something, given what no page of ours would send: a sentence each time, never a fault of the server. */
final class BodiesTest extends FeatureTestCase
{
    /** Lie in wait at every place where something is expected. */
    private const VALUES = [
        'null' => null, 'nothing' => '', 'yes' => true, 'list' => [1, 2], 'empty list' => [], 'object' => ['a' => ['b' => 'c']], 'negative' => -1, 'zero' => 0, 'part' => 0.5, 'tiny' => 1e-310, 'small' => 2e-9,
        'large' => 1e14, 'million' => 1000000, 'markup' => '<script>alert(1)</script>', 'statement' => "' or 1=1; drop table attempts; --", 'zero byte' => "a\0b", 'path' => '../../.env', 'scripts' => "\u{202E}\u{1F600}\u{0000}",
    ];

    private const IN_THE_USUAL_RUN = 5;

    /** @return iterable<string, array{string, int}> what is sent, and the status it is refused with */
    public static function unreadable(): iterable
    {
        yield 'cut off' => ['{"name": "a', 422];
        yield 'no object' => ['"a"', 422];
        yield 'a number' => ['5', 422];
        yield 'deep' => [str_repeat('{"a":', 40).'1'.str_repeat('}', 40), 422];
        yield 'very deep' => [str_repeat('[', 20000).str_repeat(']', 20000), 422];
        yield 'huge' => ['{"name": "'.str_repeat('a', 70000).'"}', 413];
        yield 'beyond all numbers' => ['{"number": 1e999}', 422];
        yield 'beyond sensible numbers' => ['{"action": {"do": "measure", "value": -1e308}}', 422];
        yield 'no text' => ["{\"name\": \"\xff\xfe\"}", 422];
        yield 'a name twice over' => ['{"name": ["a", {"b": "c"}], "password": {"x": 1}, "key": [], "number": {}, "action": "x", "about": [1], "csv": [1], "what": [1], "technology": {}, "criterion": [], "faults": "x", "release": 5, "again": [1]}', 422];
    }

    #[DataProvider('unreadable')]
    public function test_what_cannot_be_read_is_refused_in_a_sentence(string $body, int $status): void
    {
        foreach ($this->endpoints($this->attempt($this->published(more: ['practice' => true]))) as [$method, $path, $person]) {
            $answer = $this->sent($method, $path, $person, $body);
            $given = $answer->getStatusCode();
            self::assertContains($given, in_array($path, ['/api/waveforms', '/api/people/roster', '/api/people/roster-check'], true) && $status === 413 ? [422] : [$status, ...($status === 422 && $given === 409 ? [409] : [])], "$method $path: ".$answer->getContent());
            self::assertNotSame('', (string) $answer->json('message'), $path);
        }
        self::assertSame(0, AttemptAction::query()->count());
    }

    public function test_what_is_no_json_is_not_looked_into(): void
    {
        foreach ($this->endpoints($this->attempt($this->published(more: ['practice' => true]))) as [$method, $path, $person]) {
            $this->actingAs($person)->call($method, $path, ['name' => 'a'], [], [], ['CONTENT_TYPE' => 'application/x-www-form-urlencoded', 'HTTP_ACCEPT' => 'application/json'], 'name=a')->assertStatus(415);
        }
    }

    /** Each setting of each request in turn is something else. */
    public function test_wrong_values_anywhere_are_answered_and_break_nothing(): void
    {
        Queue::fake();
        $attempt = $this->attempt($this->published(more: ['practice' => true]));
        foreach ($this->endpoints($attempt) as [$method, $path, $person, $body]) {
            foreach (self::places($body) as $place) {
                foreach (self::some($path.implode('.', $place)) as $what => $value) {
                    $this->assertAnswered($this->sent($method, $path, $person, (string) json_encode(self::with($body, $place, $value))), "$method $path, ".implode('.', $place).": $what");
                }
            }
        }
    }

    /** Actions as a page would send them, with one setting turned into something else. */
    public function test_wrong_values_in_actions_are_answered_and_break_nothing(): void
    {
        Queue::fake();
        $attempt = $this->attempt($this->published(more: ['practice' => true]));
        foreach (ActionExamples::all() as $name => $action) {
            foreach (self::places($action) as $place) {
                foreach (self::some($name.implode('.', $place)) as $what => $value) {
                    $number = $attempt->actions()->count() + 1;
                    $body = ['key' => sprintf('00000000-0000-4000-8000-%012d', random_int(1, 999999999)), 'number' => $number, 'action' => self::with($action, $place, $value)];
                    $this->assertAnswered($this->sent('POST', "/api/attempts/$attempt->id/actions", $this->apprentice, (string) json_encode($body)), "$name, ".implode('.', $place).": $what");
                }
            }
        }
    }

    /** Whoever may not is told so first, whatever he sent. */
    public function test_authorisation_comes_before_validation(): void
    {
        $attempt = $this->attempt($this->published(more: ['practice' => true]));
        foreach ($this->endpoints($attempt) as [$method, $path, $person]) {
            if (in_array($path, ['/api/session', '/api/join/look', '/api/join', '/api/join/enter', '/api/calculations', '/api/lab', '/api/road-lab', '/api/waveforms', '/api/account', '/api/account/password', '/api/account/settings'], true)) {
                continue; // for everybody
            }
            $stranger = $person->isInstructor() ? $this->apprentice : $this->instructor;
            $this->sent($method, $path, $stranger, '{}')->assertForbidden();
        }
    }

    /** @return list<array{string, string, User, array<string, mixed>}> method, path, who may, and what he would send */
    private function endpoints(Attempt $attempt): array
    {
        $case = ['name' => 'A case', ...array_diff_key($this->document(), ['format' => 1])];
        $bodies = [
            'POST api/session' => [$this->apprentice, ['name' => 'learner', 'password' => 'wrong']],
            'POST api/join/look' => [$this->apprentice, ['code' => 'dabo-limu']],
            'POST api/join' => [$this->apprentice, ['code' => 'dabo-limu', 'name' => 'Ina Holt', 'signIn' => 'ina', 'password' => 'three wet cobbles']],
            'POST api/join/enter' => [$this->apprentice, ['token' => 'none']],
            'POST api/waveforms' => [$this->apprentice, ['csv' => "0,1\n1,2\n2,3"]],
            'POST api/calculations' => [$this->apprentice, ['what' => 'speed', 'size' => '195/55 R15', 'rollingFactor' => 0.96, 'teeth' => 46, 'hertz' => 100]],
            'POST api/road-lab' => [$this->apprentice, ['car' => 'harl-13', 'footing' => 'dry', 'pullsAway' => false, 'kilometresPerHour' => 20, 'footNewtons' => 100, 'loadKilograms' => 0, 'controls' => true, 'rear' => 'as-built', 'defect' => '', 'wheel' => '']],
            'POST api/lab' => [$this->apprentice, ['technology' => 'passive', 'teeth' => 46, 'turnsPerSecond' => 0.5, 'gapMillimetres' => 0.6, 'celsius' => 20, 'inputOhms' => 43000, 'defect' => '', 'wholeTurn' => false]],
            'POST api/cases' => [$this->instructor, $case],
            'PUT api/cases/{case}' => [$this->instructor, $case],
            'PATCH api/cases/{case}' => [$this->instructor, ['archived' => false, 'goals' => ['Reading codes']]],
            'PUT api/cases/{case}/sheet' => [$this->instructor, ['fields' => ['name' => 'A case', 'faults' => []]]],
            'PUT api/new-case/sheet' => [$this->instructor, ['fields' => ['name' => 'A case', 'faults' => []]]],
            'POST api/case-preview' => [$this->instructor, $case],
            'POST api/case-solvability' => [$this->instructor, $case],
            'POST api/cases/{case}/versions' => [$this->instructor, ['groups' => [$this->group()->id], 'people' => [$this->apprentice->id], 'release' => ['kind' => 'date', 'at' => '2030-01-01T08:00:00Z'], 'tries' => 2, 'startsAt' => '2027-01-01T08:00:00Z', 'endsAt' => '2030-01-01T08:00:00Z']],
            'PUT api/assignments/{assignment}' => [$this->instructor, ['withdrawn' => true]],
            'PUT api/assignments/{assignment}/people/{person}' => [$this->instructor, ['kind' => 'absent']],
            'POST api/assignments/{assignment}/corrections' => [$this->instructor, ['criterion' => 'safety', 'points' => 1, 'reason' => 'The rule asked for what the bay has not.']],
            'PUT api/assignments/{assignment}/pause' => [$this->instructor, ['paused' => true]],
            'POST api/assignments/{assignment}/remarks' => [$this->instructor, ['text' => 'Ten minutes more.', 'attempt' => null]],
            'PUT api/attempts/{attempt}/help' => [$this->apprentice, ['wanted' => true]],
            'PUT api/attempts/{attempt}/pair' => [$this->apprentice, ['partner' => $this->instructor->id]],
            'PUT api/attempts/{attempt}/places' => [$this->apprentice, ['atCar' => true]],
            'POST api/attempts/{attempt}/concessions' => [$this->instructor, ['kind' => 'fresh-car', 'minutes' => 5, 'reason' => 'The tablet fell.']],
            'PUT api/cases/{case}/shares' => [$this->instructor, ['instructors' => []]],
            'POST api/vehicles' => [$this->instructor, ['base' => 'harl-13', 'name' => 'Workshop car', 'values' => ['/supply/batteryVolts' => 12.4]]],
            'PUT api/vehicles/{vehicle}' => [$this->instructor, ['base' => 'harl-13', 'name' => 'Workshop car', 'values' => ['/supply/batteryVolts' => 12.4]]],
            'PUT api/grades' => [$this->instructor, ['steps' => [['from' => 0, 'grade' => '6'], ['from' => 50, 'grade' => '4']]]],
            'PUT api/account/settings' => [$this->apprentice, ['decimalSign' => ',', 'largerType' => true, 'theme' => 'dark']],
            'PUT api/people/{person}/extra-time' => [$this->instructor, ['percent' => 25]],
            'PUT api/people/{person}/pictures' => [$this->instructor, ['described' => true]],
            'POST api/assignments/{assignment}/annulment' => [$this->instructor, ['reason' => 'The car was broken.']],
            'POST api/jobs/{job}/attempt' => [$this->apprentice, ['again' => false]],
            'POST api/attempts/{attempt}/actions' => [$this->apprentice, ['key' => '00000000-0000-4000-8000-000000000001', 'number' => 7, 'action' => ['do' => 'look-at-lamps']]],
            'POST api/attempts/{attempt}/counsel' => [$this->apprentice, ['about' => 'possible']],
        ];
        $bodies += [
            'PUT api/account' => [$this->apprentice, ['name' => 'A name']],
            'PUT api/account/password' => [$this->apprentice, ['current' => 'secret words', 'password' => 'three wet cobbles']],
            'POST api/people' => [$this->instructor, ['name' => 'A name', 'signIn' => 'somebody', 'role' => 'apprentice', 'groups' => [$this->group()->id]]],
            'POST api/people/roster-check' => [$this->instructor, ['csv' => base64_encode("Name\nIna Holt"), 'group' => $this->group()->id]],
            'POST api/people/roster' => [$this->instructor, ['csv' => base64_encode("Name\nIna Holt"), 'group' => $this->group()->id]],
            'PUT api/people/{person}/groups' => [$this->instructor, ['groups' => [$this->group()->id]]],
            'PUT api/groups/{group}/door' => [$this->instructor, ['minutes' => 60]],
            'PUT api/join-requests/{joinRequest}' => [$this->instructor, ['letIn' => true]],
            'POST api/groups' => [$this->instructor, ['name' => 'Evening class']],
            'PUT api/groups/{group}' => [$this->instructor, ['name' => 'A class']],
        ];
        $without = ['DELETE api/cases/{case}/sheet', 'DELETE api/vehicles/{vehicle}', 'DELETE api/people/{person}', 'DELETE api/new-case/sheet', 'DELETE api/groups/{group}/door', 'POST api/cases/{case}/copy', 'POST api/cases/{case}/trial', 'DELETE api/cases/{case}', 'POST api/people/{person}/password', 'POST api/assignments/{assignment}/release', 'DELETE api/session', 'DELETE api/sign-ins/{signIn}', 'POST api/attempts/{attempt}/overrides', 'POST api/attempts/{attempt}/confirmation', 'POST api/assignments/{assignment}/confirmation', 'POST api/assignments/{assignment}/people/{person}/make-up', 'POST api/attempts/{attempt}/objection', 'PUT api/attempts/{attempt}/objection', 'POST api/attempts/{attempt}/pair', 'DELETE api/attempts/{attempt}/pair']; // take nothing, or see OverrideTest and StandingTest
        foreach (Route::getRoutes()->getRoutes() as $route) {
            $name = $route->methods()[0].' '.$route->uri();
            self::assertTrue($route->methods()[0] === 'GET' || isset($bodies[$name]) || in_array($name, $without, true), "$name is not looked at here");
        }
        $vehicle = OwnVehicle::query()->create(['instructor_id' => $this->instructor->id, 'base' => 'harl-13', 'name' => 'A car', 'car_values' => [], 'alarms' => []]);
        $asked = JoinRequest::query()->firstOrCreate(['token' => 'hashed'], ['group_id' => $this->group()->id, 'name' => 'New', 'sign_in' => 'new', 'password' => 'hashed', 'asked_at' => now()]);
        $endpoints = [];
        foreach ($bodies as $name => [$person, $body]) {
            [$method, $path] = explode(' ', $name);
            $endpoints[] = [$method, '/'.strtr($path, ['{case}' => (string) $attempt->version->case_draft_id, '{attempt}' => (string) $attempt->id, '{person}' => (string) $this->apprentice->id, '{joinRequest}' => (string) $asked->id, '{group}' => (string) $this->group()->id, '{vehicle}' => (string) $vehicle->id, '{job}' => (string) $attempt->assignment_id, '{assignment}' => (string) $attempt->assignment_id]), $person, $body];
        }

        return $endpoints;
    }

    /** @return array<string, mixed> all of them in a thorough run, else some by lot, others at each place */
    private static function some(string $place): array
    {
        $order = array_keys(self::VALUES);
        usort($order, static fn (string $one, string $other): int => crc32($place.$one) <=> crc32($place.$other));

        return array_intersect_key(self::VALUES, array_flip(Sweep::isThorough() ? $order : array_slice($order, 0, self::IN_THE_USUAL_RUN)));
    }

    /**
     * @param  array<array-key, mixed>  $body
     * @param  list<int|string>  $to
     * @return list<list<int|string>> where something stands in it
     */
    private static function places(array $body, array $to = []): array
    {
        $places = [];
        foreach ($body as $name => $value) {
            $here = [...$to, $name];
            array_push($places, $here, ...(is_array($value) ? self::places($value, $here) : []));
        }

        return $places;
    }

    /**
     * @param  array<array-key, mixed>  $body
     * @param  list<int|string>  $place
     * @return array<array-key, mixed>
     */
    private static function with(array $body, array $place, mixed $value): array
    {
        $name = array_shift($place);
        assert($name !== null);
        $body[$name] = $place === [] ? $value : self::with((array) $body[$name], $place, $value);

        return $body;
    }

    /** @return TestResponse<\Symfony\Component\HttpFoundation\Response> */
    private function sent(string $method, string $path, User $person, string $body): TestResponse
    {
        return $this->actingAs($person)->call($method, $path, [], [], [], ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'], $body);
    }

    /** @param  TestResponse<\Symfony\Component\HttpFoundation\Response>  $answer */
    private function assertAnswered(TestResponse $answer, string $what): void
    {
        $status = $answer->getStatusCode();
        self::assertLessThan(500, $status, "$what: ".substr((string) $answer->getContent(), 0, 500));
        self::assertTrue($status < 400 || (string) $answer->json('message') !== '', $what);
    }
}
