<?php

declare(strict_types=1);

namespace App\Http;

/** Whether anything can be written down: a disk may be full or read-only, and whatever comes to write then trips over it. */
final readonly class Disk
{
    /** More than what is kept for small files anyway. */
    private const TRIED_BYTES = 4096;

    public static function takesNothing(): bool
    {
        $file = storage_path('framework/tried-'.bin2hex(random_bytes(6)));
        $written = @file_put_contents($file, str_repeat('.', self::TRIED_BYTES));
        @unlink($file);

        return $written !== self::TRIED_BYTES;
    }
}
