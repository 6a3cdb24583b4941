<?php

declare(strict_types=1);

namespace Tests\Browser\Support;

use RuntimeException;

/** A port nobody listens on at the moment. */
final readonly class FreePort
{
    public static function find(): int
    {
        $socket = stream_socket_server('tcp://127.0.0.1:0');
        $name = $socket === false ? false : stream_socket_get_name($socket, false);
        if ($socket === false || $name === false) {
            throw new RuntimeException('no free port');
        }
        fclose($socket);

        return (int) substr($name, (int) strrpos($name, ':') + 1);
    }
}
