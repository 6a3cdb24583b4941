<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\CaseDraft;
use App\Models\Group;
use App\Models\JoinRequest;
use App\Models\OwnVehicle;
use App\Models\Role;
use App\Models\SignIn;
use App\Models\SolvabilityCheck;
use Illuminate\Support\Facades\Route;

/** Who may ask what, for every route there is. */
final class PolicyTest extends FeatureTestCase
{
    /**
     * Method and path, then the status for: nobody, the instructor, an instructor of another class, the apprentice,
     * an apprentice of the same class, an apprentice of another class, the administrator.
     */
    private const MATRIX = [
        'GET api/session' => [200, 200, 200, 200, 200, 200, 200],
        'POST api/session' => [422, 422, 422, 422, 422, 422, 422],
        'POST api/join/look' => [422, 422, 422, 422, 422, 422, 422],
        'POST api/join' => [422, 422, 422, 422, 422, 422, 422],
        'POST api/join/enter' => [422, 422, 422, 422, 422, 422, 422],
        'POST api/calculations' => [401, 200, 200, 200, 200, 200, 200],
        'GET api/handbook' => [401, 204, 204, 204, 204, 204, 204],
        'GET api/fault-portraits' => [401, 200, 200, 200, 200, 200, 200],
        'GET api/lab' => [401, 200, 200, 200, 200, 200, 200],
        'POST api/lab' => [401, 200, 200, 200, 200, 200, 200], // closed in an examination, see LessonTest
        'GET api/road-lab' => [401, 200, 200, 200, 200, 200, 200],
        'POST api/road-lab' => [401, 200, 200, 200, 200, 200, 200],
        'POST api/waveforms' => [401, 200, 200, 200, 200, 200, 200],
        'GET api/cars' => [401, 200, 200, 403, 403, 403, 403],
        'GET api/cars/{car}/values' => [401, 200, 200, 403, 403, 403, 403],
        'GET api/cars/{car}/silent-faults' => [401, 200, 200, 403, 403, 403, 403],
        'GET api/vehicles' => [401, 200, 200, 403, 403, 403, 403],
        'POST api/vehicles' => [401, 422, 422, 403, 403, 403, 403],
        'PUT api/vehicles/{vehicle}' => [401, 422, 403, 403, 403, 403, 403],
        'DELETE api/vehicles/{vehicle}' => [401, 204, 404, 404, 404, 404, 404], // gone by then; see VehicleTest
        'GET api/fault-kinds' => [401, 200, 200, 403, 403, 403, 403],
        'GET api/marking-policies' => [401, 200, 200, 403, 403, 403, 403],
        'GET api/cases' => [401, 200, 200, 403, 403, 403, 403],
        'POST api/cases' => [401, 201, 201, 403, 403, 403, 403],
        'GET api/cases/{case}' => [401, 200, 403, 403, 403, 403, 403],
        'PUT api/cases/{case}' => [401, 200, 403, 403, 403, 403, 403],
        'PATCH api/cases/{case}' => [401, 422, 403, 403, 403, 403, 403],
        'POST api/cases/{case}/copy' => [401, 201, 403, 403, 403, 403, 403],
        'DELETE api/cases/{case}' => [401, 409, 403, 403, 403, 403, 403], // it was worked
        'GET api/cases/{case}/shares' => [401, 200, 403, 403, 403, 403, 403],
        'PUT api/cases/{case}/shares' => [401, 422, 403, 403, 403, 403, 403],
        'GET api/cases/{case}/sheet' => [401, 200, 403, 403, 403, 403, 403],
        'PUT api/cases/{case}/sheet' => [401, 422, 403, 403, 403, 403, 403],
        'DELETE api/cases/{case}/sheet' => [401, 204, 403, 403, 403, 403, 403],
        'GET api/new-case/sheet' => [401, 200, 200, 403, 403, 403, 403],
        'PUT api/new-case/sheet' => [401, 422, 422, 403, 403, 403, 403],
        'DELETE api/new-case/sheet' => [401, 204, 204, 403, 403, 403, 403],
        'POST api/case-preview' => [401, 200, 200, 403, 403, 403, 403],
        'POST api/case-solvability' => [401, 202, 202, 403, 403, 403, 403],
        'GET api/case-solvability/{check}' => [401, 200, 403, 403, 403, 403, 403],
        'POST api/cases/{case}/trial' => [401, 201, 403, 403, 403, 403, 403],
        'POST api/cases/{case}/versions' => [401, 409, 403, 403, 403, 403, 403], // it has changed, and somebody has begun it
        'PUT api/assignments/{assignment}' => [401, 422, 403, 403, 403, 403, 403],
        'POST api/assignments/{assignment}/release' => [401, 200, 403, 403, 403, 403, 403],
        'GET api/cases/{case}/attempts' => [401, 200, 403, 403, 403, 403, 403],
        'GET api/jobs' => [401, 403, 403, 200, 200, 200, 403],
        'POST api/jobs/{job}/attempt' => [401, 403, 403, 200, 200, 403, 403],
        'GET api/attempts/{attempt}' => [401, 403, 403, 200, 403, 403, 403],
        'POST api/attempts/{attempt}/actions' => [401, 403, 403, 200, 403, 403, 403],
        'GET api/attempts/{attempt}/actions/{key}' => [401, 403, 403, 202, 403, 403, 403],
        'POST api/attempts/{attempt}/counsel' => [401, 403, 403, 403, 403, 403, 403],
        'POST api/attempts/{attempt}/overrides' => [401, 403, 403, 403, 403, 403, 403], // of a closed job see OverrideTest
        'POST api/attempts/{attempt}/confirmation' => [401, 403, 403, 403, 403, 403, 403], // of a closed examination see StandingTest
        'POST api/attempts/{attempt}/objection' => [401, 403, 403, 403, 403, 403, 403],
        'PUT api/attempts/{attempt}/objection' => [401, 403, 403, 403, 403, 403, 403],
        'PUT api/assignments/{assignment}/people/{person}' => [401, 422, 403, 403, 403, 403, 403],
        'GET api/assignments/{assignment}/rules' => [401, 200, 403, 403, 403, 403, 403],
        'POST api/assignments/{assignment}/corrections' => [401, 422, 403, 403, 403, 403, 403],
        'PUT api/assignments/{assignment}/pause' => [401, 422, 403, 403, 403, 403, 403],
        'POST api/assignments/{assignment}/remarks' => [401, 422, 403, 403, 403, 403, 403],
        'POST api/assignments/{assignment}/people/{person}/make-up' => [401, 422, 403, 403, 403, 403, 403], // was not absent
        'GET api/attempts/{attempt}/news' => [401, 403, 403, 200, 403, 403, 403],
        'GET api/invitations' => [401, 403, 403, 200, 200, 200, 403],
        'GET api/attempts/{attempt}/pair' => [401, 403, 403, 403, 403, 403, 403], // of practice see PairTest
        'PUT api/attempts/{attempt}/pair' => [401, 403, 403, 403, 403, 403, 403],
        'POST api/attempts/{attempt}/pair' => [401, 403, 403, 403, 403, 403, 403],
        'DELETE api/attempts/{attempt}/pair' => [401, 403, 403, 403, 403, 403, 403],
        'PUT api/attempts/{attempt}/places' => [401, 403, 403, 422, 403, 403, 403],
        'PUT api/attempts/{attempt}/help' => [401, 403, 403, 422, 403, 403, 403],
        'POST api/attempts/{attempt}/concessions' => [401, 422, 403, 403, 403, 403, 403],
        'PUT api/people/{person}/extra-time' => [401, 422, 403, 403, 403, 403, 422],
        'PUT api/people/{person}/pictures' => [401, 422, 403, 403, 403, 403, 422],
        'GET api/groups/{group}/without-job' => [401, 200, 403, 403, 403, 403, 200],
        'POST api/assignments/{assignment}/confirmation' => [401, 200, 403, 403, 403, 403, 403],
        'GET api/attempts/{attempt}/drives/{step}' => [401, 404, 403, 403, 403, 403, 403], // its first step is no drive
        'GET api/attempts/{attempt}/report' => [401, 200, 403, 403, 403, 403, 403],
        'POST api/assignments/{assignment}/annulment' => [401, 200, 403, 403, 403, 403, 403],
        'GET api/sign-ins' => [401, 200, 200, 200, 200, 200, 200],
        'DELETE api/sign-ins/{signIn}' => [401, 204, 403, 204, 403, 403, 204],
        'GET api/log' => [401, 200, 200, 403, 403, 403, 200],
        'PUT api/account' => [401, 200, 200, 200, 200, 200, 200],
        'PUT api/account/password' => [401, 422, 422, 422, 422, 422, 422],
        'PUT api/account/settings' => [401, 422, 422, 422, 422, 422, 422],
        'GET api/account/data' => [401, 200, 200, 200, 200, 200, 200],
        'GET api/account/progress' => [401, 200, 200, 200, 200, 200, 200],
        'GET api/grades' => [401, 200, 200, 403, 403, 403, 200],
        'PUT api/grades' => [401, 422, 422, 403, 403, 403, 422],
        'GET api/groups/{group}/progress' => [401, 200, 403, 403, 403, 403, 200],
        'GET api/people' => [401, 200, 200, 403, 403, 403, 200],
        'POST api/people' => [401, 422, 422, 403, 403, 403, 422],
        'GET api/people/cards' => [401, 200, 200, 403, 403, 403, 200],
        'POST api/people/roster-check' => [401, 422, 422, 403, 403, 403, 422],
        'POST api/people/roster' => [401, 422, 422, 403, 403, 403, 422],
        'PUT api/people/{person}/groups' => [401, 422, 403, 403, 403, 403, 422],
        'GET api/groups' => [401, 200, 200, 403, 403, 403, 200],
        'GET api/groups/{group}/marks' => [401, 200, 403, 403, 403, 403, 200],
        'GET api/groups/{group}/marks.csv' => [401, 200, 403, 403, 403, 403, 200],
        'GET api/groups/{group}/door' => [401, 200, 403, 403, 403, 403, 200],
        'PUT api/groups/{group}/door' => [401, 422, 403, 403, 403, 403, 422],
        'DELETE api/groups/{group}/door' => [401, 200, 403, 403, 403, 403, 200],
        'PUT api/join-requests/{joinRequest}' => [401, 422, 403, 403, 403, 403, 422],
        'PUT api/groups/{group}' => [401, 200, 403, 403, 403, 403, 200],
        'POST api/groups' => [401, 422, 422, 403, 403, 403, 422], // of that name there is one by now
        'POST api/people/{person}/password' => [401, 200, 403, 403, 403, 403, 200],
        'DELETE api/session' => [401, 204, 204, 204, 204, 204, 204],
        'DELETE api/people/{person}' => [401, 403, 403, 403, 403, 403, 204],
    ];

    public function test_every_route_is_in_the_matrix(): void
    {
        $routes = [];
        foreach (Route::getRoutes()->getRoutes() as $route) {
            if (str_starts_with($route->uri(), 'api/')) {
                $routes[] = $route->methods()[0].' '.$route->uri();
            }
        }

        self::assertEqualsCanonicalizing(array_keys(self::MATRIX), $routes);
    }

    public function test_everybody_gets_what_is_theirs_and_nothing_else(): void
    {
        $attempt = $this->attempt();
        $other = Group::query()->create(['name' => 'Another class']);
        $people = [
            null,
            $this->instructor,
            $this->person($other, 'colleague', Role::Instructor),
            $this->apprentice,
            $this->person($this->group(), 'neighbour', Role::Apprentice),
            $this->person($other, 'stranger', Role::Apprentice),
            $this->person($this->group(), 'office', Role::Administrator),
        ];
        $signIn = SignIn::query()->create(['user_id' => $this->apprentice->id, 'address' => '10.0.0.7', 'began_at' => now(), 'seen_at' => now()]);
        $check = SolvabilityCheck::query()->create(['instructor_id' => $this->instructor->id, 'document' => $this->document(), 'asked_at' => now()]);
        $vehicle = OwnVehicle::query()->create(['instructor_id' => $this->instructor->id, 'base' => 'harl-13', 'name' => 'Workshop car', 'car_values' => [], 'alarms' => []]);
        $asked = JoinRequest::query()->create(['group_id' => $this->group()->id, 'name' => 'New', 'sign_in' => 'new', 'password' => 'hashed', 'token' => 'hashed', 'asked_at' => now()]);
        $body = [...$this->document(), 'about' => 'possible', 'criterion' => 'safety', 'points' => 1, 'reason' => 'Seen with my own eyes.', 'key' => '00000000-0000-4000-8000-000000000001', 'number' => 1, 'action' => ['do' => 'look-at-lamps'], 'what' => 'copper', 'ohmsAt20Celsius' => 1000, 'celsius' => 20, 'csv' => "0,1\n1,2\n2,3",
            'technology' => 'passive', 'teeth' => 46, 'turnsPerSecond' => 0.5, 'gapMillimetres' => 0.6, 'inputOhms' => 43000, 'defect' => '', 'wholeTurn' => false,
            'car' => 'harl-13', 'footing' => 'dry', 'pullsAway' => false, 'kilometresPerHour' => 20, 'footNewtons' => 100, 'loadKilograms' => 0, 'controls' => true, 'rear' => 'as-built', 'wheel' => ''];
        unset($body['format']);
        $body['name'] = '';
        foreach (self::MATRIX as $route => $statuses) {
            [$method, $path] = explode(' ', $route);
            foreach ($people as $position => $person) {
                $person === null ? $this->app['auth']->forgetGuards() : $this->actingAs($person);
                $path = strtr($path, ['{case}' => (string) CaseDraft::query()->firstOrFail()->id, '{job}' => (string) $attempt->assignment_id, '{assignment}' => (string) $attempt->assignment_id, '{attempt}' => (string) $attempt->id, '{check}' => $check->id, '{car}' => 'harl-13', '{vehicle}' => (string) $vehicle->id, '{step}' => '1', '{signIn}' => (string) $signIn->id, '{person}' => (string) $this->apprentice->id, '{joinRequest}' => (string) $asked->id, '{group}' => (string) $this->group()->id, '{key}' => '00000000-0000-4000-8000-000000000009']);
                $sent = $route === 'POST api/session' ? $body : [...$body, 'name' => 'A case'];
                $this->json($method, "/$path", $sent)->assertStatus($statuses[$position]);
                $this->app['auth']->forgetGuards();
            }
        }
    }

    public function test_the_apprentice_reads_the_report_once_the_job_is_closed(): void
    {
        $attempt = $this->attempt();
        $this->actingAs($this->apprentice)->getJson("/api/attempts/$attempt->id/report")->assertForbidden();
        $this->act($attempt, ['do' => 'conclude'])->assertOk();

        $this->getJson("/api/attempts/$attempt->id/report")->assertOk()
            ->assertJsonPath('cause.0.station', 'sensor')->assertJsonPath('marks.outOf', 100)
            ->assertJsonPath('marks.versions.case', 1)->assertJsonPath('marks.versions.caseSha256', $attempt->version->sha256)
            ->assertJsonPath('marks.marks.0.rule', 'Nothing tried that could hurt someone or the module.');
    }
}
