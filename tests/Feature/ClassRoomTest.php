<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Accounts\DemoAccounts;
use App\Accounts\People;
use App\Models\LogEntry;
use App\Models\User;
use App\Providers\AppServiceProvider;
use Database\Seeders\DatabaseSeeder;
use Illuminate\Filesystem\Filesystem;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use PDO;

/** What serving a class needs besides the demo: who could come in, and copies of the database. */
final class ClassRoomTest extends FeatureTestCase
{
    public function test_demo_accounts_are_open_as_long_as_they_have_the_password_of_the_demo(): void
    {
        self::assertSame([], $this->app->make(DemoAccounts::class)->open());
        $this->seed(DatabaseSeeder::class);
        self::assertSame(['kessel', 'amsel', 'arlo', 'bente', 'cem', 'dilan'], $this->app->make(DemoAccounts::class)->open());

        User::query()->where('sign_in', 'cem')->sole()->update(['password' => 'three wet cobbles']);
        $this->app->make(People::class)->reset(User::query()->where('sign_in', 'amsel')->sole(), User::query()->where('sign_in', 'dilan')->sole());
        Artisan::call('accounts:open');
        self::assertSame("kessel\namsel\narlo\nbente\n", Artisan::output());
        self::assertSame(1, Artisan::call('accounts:open --nobody'));
    }

    public function test_an_administrator_comes_into_an_empty_database(): void
    {
        DB::table('memberships')->delete();
        User::query()->delete();
        self::assertSame(0, Artisan::call('accounts:open --nobody'));
        self::assertSame(0, Artisan::call('accounts:administrator', ['sign-in' => 'office', 'name' => 'Ada Office']));

        $this->actingAs(User::query()->sole())->postJson('/api/people', ['name' => 'Tom Teach', 'signIn' => 'tom', 'role' => 'instructor'])->assertCreated();
        $this->actingAs(User::query()->where('sign_in', 'tom')->sole())->getJson('/api/groups')->assertForbidden();
    }

    public function test_only_a_door_of_this_machine_says_from_whom_something_came(): void
    {
        $wrong = fn () => $this->withHeaders(['X-Forwarded-For' => '10.9.8.7'])->postJson('/api/session', ['name' => 'learner', 'password' => 'not the one'])->assertStatus(422);
        $wrong();
        config(['lernfall.doors' => ['127.0.0.1']]);
        (new AppServiceProvider($this->app))->boot();
        $wrong();
        self::assertSame(['127.0.0.1', '10.9.8.7'], LogEntry::query()->orderBy('id')->pluck('address')->all());
    }

    public function test_a_demonstration_says_so_at_the_door(): void
    {
        $this->getJson('/api/session')->assertJsonPath('demo', false);
        config(['lernfall.demo' => true]);
        $this->getJson('/api/session')->assertJsonPath('demo', true);
    }

    public function test_a_copy_holds_everything_and_the_oldest_go(): void
    {
        $folder = sys_get_temp_dir().'/lernfall-copies-'.Str::uuid();
        $database = "$folder/here.sqlite";
        (new Filesystem)->ensureDirectoryExists($folder);
        (new PDO("sqlite:$database"))->exec('create table words (word text); insert into words values ("kept")');
        config(['database.connections.copied' => ['driver' => 'sqlite', 'database' => $database]]);
        DB::setDefaultConnection('copied');
        foreach (range(1, 4) as $minute) {
            $this->travel($minute)->minutes();
            self::assertSame(0, Artisan::call('house:back-up', ['folder' => "$folder/copies", '--keep' => 2]));
        }
        $copies = glob("$folder/copies/*") ?: [];

        self::assertCount(2, $copies);
        self::assertSame(trim(Artisan::output()), end($copies));
        $words = (new PDO('sqlite:'.$copies[0]))->query('select word from words');
        self::assertNotFalse($words);
        self::assertSame('kept', $words->fetchColumn());
        (new Filesystem)->deleteDirectory($folder);
        DB::setDefaultConnection('sqlite');
    }
}
