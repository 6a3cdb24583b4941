<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Database\Connection;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use RuntimeException;

/** Two that write to one file: whoever has begun comes to the end, the other waits. */
final class TransactionTest extends FeatureTestCase
{
    public function test_what_was_read_is_still_so_when_it_is_written_upon(): void
    {
        [$one, $other] = [$this->connection('one'), $this->connection('other')];
        $one->transaction(function () use ($one, $other): void {
            $counted = $one->table('steps')->count();
            try {
                $other->table('steps')->insert(['number' => 7]);
                $this->fail('the other one has written in between');
            } catch (QueryException $refused) {
                $this->assertStringContainsString('database is locked', $refused->getMessage());
            }
            $one->table('steps')->insert(['number' => $counted + 1]);
        });
        $this->assertTrue($other->table('steps')->insert(['number' => 2]));
        $this->assertSame([1, 2], $other->table('steps')->orderBy('number')->pluck('number')->all());
    }

    public function test_one_that_fails_leaves_nothing_behind_and_keeps_nobody_out(): void
    {
        [$one, $other] = [$this->connection('one'), $this->connection('other')];
        try {
            $one->transaction(static fn (): bool => $one->table('steps')->insert(['number' => 1]) && throw new RuntimeException('the power fails'));
        } catch (RuntimeException $failed) {
            $this->assertSame('the power fails', $failed->getMessage());
        }
        $this->assertFalse($one->getPdo()->inTransaction());
        $this->assertTrue($other->transaction(static fn (): bool => $other->table('steps')->insert(['number' => 2])));
        $this->assertSame([2], $one->table('steps')->pluck('number')->all());
    }

    /** On a file as the application has them, but that nobody waits for it. */
    private function connection(string $name): Connection
    {
        config(["database.connections.$name" => ['database' => $this->file(), 'busy_timeout' => 0] + config()->array('database.connections.queue')]);
        DB::purge($name);
        $connection = DB::connection($name);
        $connection->statement('create table if not exists steps (number integer)');

        return $connection;
    }

    private function file(): string
    {
        $file = sys_get_temp_dir().'/lernfall-transactions-'.getmypid().'.sqlite';
        is_file($file) || touch($file);
        $this->beforeApplicationDestroyed(static function () use ($file): void {
            DB::purge('one');
            DB::purge('other');
            array_map(unlink(...), glob("$file*") ?: []);
        });

        return $file;
    }
}
