<?php

declare(strict_types=1);

namespace Tests\Feature;

use PHPUnit\Framework\TestCase;
use RuntimeException;
use Tests\Browser\Support\FreePort;

/** What a class is served through where it has a certificate: nobody reads along, and nobody says for themselves from where they come. */
final class EncryptedDoorTest extends TestCase
{
    private const ECHO = '<?php http_response_code($_SERVER["REQUEST_METHOD"] === "POST" ? 201 : 200); echo json_encode(["method" => $_SERVER["REQUEST_METHOD"], "uri" => $_SERVER["REQUEST_URI"], "body" => file_get_contents("php://input"), "from" => $_SERVER["HTTP_X_FORWARDED_FOR"] ?? null, "proto" => $_SERVER["HTTP_X_FORWARDED_PROTO"] ?? null, "host" => $_SERVER["HTTP_HOST"]]);';

    private string $folder;

    /** @var list<resource> */
    private array $processes = [];

    protected function setUp(): void
    {
        $this->folder = sys_get_temp_dir().'/lernfall-door-'.getmypid();
        mkdir($this->folder);
        file_put_contents("$this->folder/echo.php", self::ECHO);
        file_put_contents("$this->folder/openssl.cnf", "[req]\ndistinguished_name=name\n[name]\n[v3]\nsubjectAltName=IP:127.0.0.1\n");
        $settings = ['config' => "$this->folder/openssl.cnf", 'x509_extensions' => 'v3', 'private_key_bits' => 2048];
        $key = openssl_pkey_new($settings);
        $request = $key === false ? false : openssl_csr_new(['commonName' => 'A school'], $key, $settings);
        $certificate = is_bool($request) ? false : openssl_csr_sign($request, null, $key, 2, $settings);
        self::assertNotFalse($certificate);
        openssl_x509_export_to_file($certificate, "$this->folder/certificate.pem");
        openssl_pkey_export_to_file($key, "$this->folder/key.pem", null, $settings);
    }

    protected function tearDown(): void
    {
        foreach ($this->processes as $process) {
            proc_terminate($process);
            proc_close($process);
        }
        array_map(unlink(...), glob("$this->folder/*") ?: []);
        rmdir($this->folder);
    }

    public function test_it_hands_on_what_is_asked_and_says_itself_from_whom_it_came(): void
    {
        [$inner, $port] = [FreePort::find(), FreePort::find()];
        $this->started([PHP_BINARY, '-S', "127.0.0.1:$inner", "$this->folder/echo.php"], $inner);
        $this->started(['node', 'scripts/encrypted-door.mjs', (string) $port, (string) $inner, "$this->folder/certificate.pem", "$this->folder/key.pem", '127.0.0.1'], $port);

        [$status, $answer] = $this->asked($port, '/api/session?x=1', '{"name":"learner"}', ['Content-Type: application/json', 'X-Forwarded-For: 10.9.8.7', 'X-Forwarded-Proto: http']);
        self::assertSame(201, $status);
        self::assertSame(['method' => 'POST', 'uri' => '/api/session?x=1', 'body' => '{"name":"learner"}', 'from' => '127.0.0.1', 'proto' => 'https', 'host' => "127.0.0.1:$port"], $answer);
        [$status, $answer] = $this->asked($port, '/', null, []);
        self::assertSame([200, 'GET'], [$status, $answer['method'] ?? null]);

        proc_terminate($this->processes[0]);
        proc_close(array_shift($this->processes));
        self::assertSame(502, $this->asked($port, '/', null, [])[0]);
    }

    public function test_it_says_why_it_does_not_open(): void
    {
        $process = proc_open(['node', 'scripts/encrypted-door.mjs', (string) FreePort::find(), '1', "$this->folder/echo.php", "$this->folder/key.pem", '127.0.0.1'], [2 => ['pipe', 'w']], $pipes, dirname(__DIR__, 2));
        self::assertNotFalse($process);
        self::assertStringStartsWith('The door does not open: ', (string) stream_get_contents($pipes[2]));
        self::assertSame(1, proc_close($process));
    }

    /** @param  list<string>  $command  which listens on the port soon */
    private function started(array $command, int $port): void
    {
        $process = proc_open($command, [1 => ['file', '/dev/null', 'w'], 2 => ['file', '/dev/null', 'w']], $pipes, dirname(__DIR__, 2));
        $this->processes[] = $process === false ? throw new RuntimeException("$command[0] did not start") : $process;
        for ($try = 0; $try < 600; $try++) {
            if (@fsockopen('127.0.0.1', $port) !== false) {
                return;
            }
            usleep(50_000);
        }
        throw new RuntimeException("$command[0] does not listen");
    }

    /**
     * @param  list<string>  $headers
     * @return array{int, array<string, mixed>} status, and what the server inside was told
     */
    private function asked(int $port, string $path, ?string $body, array $headers): array
    {
        $curl = curl_init("https://127.0.0.1:$port$path");
        curl_setopt_array($curl, [CURLOPT_RETURNTRANSFER => true, CURLOPT_CAINFO => "$this->folder/certificate.pem", CURLOPT_HTTPHEADER => $headers] + ($body === null ? [] : [CURLOPT_POSTFIELDS => $body]));
        $answer = curl_exec($curl);

        return [(int) curl_getinfo($curl, CURLINFO_RESPONSE_CODE), (array) json_decode((string) $answer, true)];
    }
}
