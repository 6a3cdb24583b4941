<?php

declare(strict_types=1);

namespace App\Console;

use CurlHandle;
use LogicException;
use RuntimeException;

/** A signed-in apprentice over HTTP, who keeps the clock. */
final class BenchVisitor
{
    private readonly CurlHandle $connection;

    public function __construct(private readonly string $address)
    {
        $this->connection = curl_init();
        curl_setopt_array($this->connection, [
            CURLOPT_RETURNTRANSFER => true, CURLOPT_COOKIEFILE => '', CURLOPT_TCP_NODELAY => true,
        ]);
    }

    /**
     * @param  array<string, mixed>  $body
     * @return array<array-key, mixed>
     */
    public function ask(string $method, string $path, array $body = []): array
    {
        [$status, $answer] = $this->send($method, $path, $method === 'GET' ? '' : json_encode($body, JSON_THROW_ON_ERROR));
        if ($status === 0 || $status >= 400) {
            throw new RuntimeException("$method $path answered $status: ".substr((string) json_encode($answer), 0, 300));
        }

        return $answer;
    }

    /**
     * Whatever comes of it.
     *
     * @return array{int, array<array-key, mixed>} the status, 0 where none came, and what was answered
     */
    public function send(string $method, string $path, string $body): array
    {
        $url = $this->address.$path;
        if ($url === '' || $method === '') {
            throw new LogicException('nothing is asked for');
        }
        curl_setopt_array($this->connection, [
            CURLOPT_URL => $url,
            CURLOPT_CUSTOMREQUEST => $method,
            CURLOPT_POSTFIELDS => $body,
            CURLOPT_HTTPHEADER => ['Content-Type: application/json', 'Accept: application/json', 'Expect:'],
        ]);
        $answer = curl_exec($this->connection);
        $decoded = is_string($answer) ? json_decode($answer, true) : null;

        return [curl_getinfo($this->connection, CURLINFO_RESPONSE_CODE), is_array($decoded) ? $decoded : []];
    }

    /** What the server knows this visitor by, for requests beside this one. */
    public function cookie(): string
    {
        return implode('; ', array_map(static function (string $line): string {
            $parts = explode("\t", $line);

            return ($parts[5] ?? '').'='.($parts[6] ?? '');
        }, curl_getinfo($this->connection, CURLINFO_COOKIELIST)));
    }

    /** How long the last question took, from the first byte sent to the last received. */
    public function milliseconds(): float
    {
        return curl_getinfo($this->connection, CURLINFO_TOTAL_TIME_T) / 1000.0;
    }
}
