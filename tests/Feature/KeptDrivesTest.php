<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Attempts\JobFold;
use App\Attempts\KeptDrives;
use App\Documents\ContentLibrary;
use App\Jobs\PrepareDrives;
use Illuminate\Filesystem\Filesystem;
use Illuminate\Support\Facades\Bus;
use Illuminate\Support\Str;
use Lernfall\Bay\ClosedGround\DriveOutcome;

/** Drives that have been worked out are kept in files, and worked out beforehand for the cases that are published. */
final class KeptDrivesTest extends FeatureTestCase
{
    public function test_what_is_kept_is_found_by_another_worker_and_what_is_cut_off_is_not(): void
    {
        $folder = sys_get_temp_dir().'/lernfall-drives-'.Str::uuid();
        $files = new Filesystem;
        $files->ensureDirectoryExists("$folder/of-other-code");
        $outcome = new DriveOutcome([['foot' => 'holds-under-foot', 'mark.FL' => 'wheel-rolls']], ['first' => 0.25]);
        $kept = new KeptDrives($files, $folder);
        self::assertNull($kept->find('dry', 'a'));
        $kept->keep('dry', 'a', $outcome);
        $kept->keep('dry', 'b', new DriveOutcome([['away' => 'usual-away']]));

        self::assertEquals($outcome, (new KeptDrives($files, $folder))->find('dry', 'a'));
        self::assertFalse($files->isDirectory("$folder/of-other-code"), 'it counts for nothing');
        [$file] = $files->allFiles($folder);
        $files->put($file->getPathname(), substr($files->get($file->getPathname()), 0, -20));
        $cut = new KeptDrives($files, $folder);
        self::assertEquals($outcome, $cut->find('dry', 'a'));
        self::assertNull($cut->find('dry', 'b'));
        $files->deleteDirectory($folder);
    }

    public function test_what_a_car_usually_does_is_kept_to_the_last_digit(): void
    {
        $folder = sys_get_temp_dir().'/lernfall-drives-'.Str::uuid();
        $files = new Filesystem;
        $kept = new KeptDrives($files, $folder);
        self::assertNull($kept->usual('stop'));
        $kept->keepUsual('stop', 19.0);
        $kept->keepUsual('start', 0.1 + 0.2);
        $read = new KeptDrives($files, $folder);
        self::assertSame([19.0, 0.1 + 0.2], [$read->usual('stop'), $read->usual('start')]);
        $files->deleteDirectory($folder);
    }

    public function test_a_disk_that_takes_nothing_keeps_nothing(): void
    {
        $kept = new KeptDrives(new Filesystem, '/proc/takes-nothing');
        $kept->keep('dry', 'a', new DriveOutcome([['away' => 'usual-away']]));
        self::assertNotNull($kept->find('dry', 'a'), 'but in memory');
    }

    public function test_usual_drives_are_worked_out_bit_by_bit_when_a_case_is_published(): void
    {
        $version = $this->published()->version;
        config(['lernfall.seconds_at_a_time' => 0.0]);
        Bus::assertNotDispatched(PrepareDrives::class);
        (new PrepareDrives($version->id))->handle(app(ContentLibrary::class), app(JobFold::class));
        Bus::assertDispatched(fn (PrepareDrives $next): bool => $next == new PrepareDrives($version->id, 0, 1));

        $last = count(config()->array('lernfall.usual_drives'));
        (new PrepareDrives($version->id, $last))->handle(app(ContentLibrary::class), app(JobFold::class));
        Bus::assertDispatchedTimes(PrepareDrives::class, 1);
    }

    public function test_publishing_asks_for_them(): void
    {
        $draft = $this->published()->version->draft;
        $draft->update(['document' => [...$draft->document, 'jobTitle' => 'Another job on the same car']]);
        $this->actingAs($this->instructor)->postJson("/api/cases/$draft->id/versions", ['groups' => [$this->group()->id]])->assertSuccessful();
        Bus::assertDispatched(PrepareDrives::class);
    }
}
