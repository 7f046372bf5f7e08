<?php

declare(strict_types=1);

namespace Tests\Support;

use RuntimeException;

final class FreePort
{
    /** A port of this machine that nobody listens at. */
    public static function find(): int
    {
        $socket = stream_socket_server('tcp://127.0.0.1:0');
        if ($socket === false) {
            throw new RuntimeException('No port is free on this machine.');
        }
        $port = (int) substr((string) strrchr((string) stream_socket_get_name($socket, false), ':'), 1);
        fclose($socket);

        return $port;
    }
}
