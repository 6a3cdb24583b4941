<?php

declare(strict_types=1);

namespace App\Console;

use Illuminate\Console\Command;
use Illuminate\Filesystem\Filesystem;
use Illuminate\Support\Facades\DB;

/** Copies the database as it stands, whole, while it is being worked with (SQLite's VACUUM INTO); older copies go. */
final class BackUp extends Command
{
    protected $signature = 'house:back-up {folder? : where to; storage/app/backups where left out} {--keep=36 : so many copies}';

    protected $description = 'Copy the database, and throw away the oldest copies';

    public function handle(Filesystem $files): int
    {
        $folder = $this->argument('folder');
        $folder = is_string($folder) ? $folder : storage_path('app/backups');
        $files->ensureDirectoryExists($folder);
        $copy = $folder.'/lernfall-'.now()->format('Y-m-d-His').'.sqlite';
        $files->delete("$copy.part");
        DB::statement('vacuum into ?', ["$copy.part"]); // a copy that was cut off is none
        $files->move("$copy.part", $copy);
        $copies = $files->glob("$folder/lernfall-*.sqlite");
        sort($copies);
        $files->delete(array_slice($copies, 0, max(0, count($copies) - max(1, (int) $this->option('keep')))));
        $this->line($copy);

        return self::SUCCESS;
    }
}
