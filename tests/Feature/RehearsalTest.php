<?php

declare(strict_types=1);

namespace Tests\Feature;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Sweep;
use Tests\Support\Workbench;

/** The command as a person runs it, without a database. */
final class RehearsalTest extends TestCase
{
    private const COMPILED = ['-d', 'opcache.enable_cli=1', '-d', 'opcache.jit=tracing', '-d', 'opcache.jit_buffer_size=128M'];

    /** @var array<string, array{int, string}> by command; the same command says the same */
    private static array $answers = [];

    public function test_it_prints_every_observation_and_the_marks(): void
    {
        [$code, $output] = $this->rehearse('examples/loom-open.case.json', 'examples/loom-open.script.json');

        self::assertSame(0, $code);
        self::assertMatchesRegularExpression('~12 +2\.0 min +measure +reading 1 3\d\d Ω~', $output);
        self::assertStringContainsString('18    2.0 min  measure                reading overload', $output);
        self::assertStringContainsString('100.0 of 100', $output);
    }

    /** A module that is not fed answers nothing; and a car with nothing wrong wants no repair. */
    #[DataProvider('wholeScripts')]
    public function test_the_other_examples_earn_every_point(string $name): void
    {
        [$code, $output] = $this->rehearse("examples/$name.case.json", "examples/$name.script.json");

        self::assertSame(0, $code);
        self::assertStringContainsString('100.0 of 100', $output);
    }

    /** @return array<array-key, array{string}> */
    public static function wholeScripts(): array
    {
        return Sweep::of([['ground-rusty'], ['old-code'], ['by-eye-alone']], 1);
    }

    public function test_it_prints_json_for_other_programs(): void
    {
        [$code, $output] = $this->rehearse('examples/coil-open.case.json', 'examples/coil-open.script.json', '--json');
        $result = json_decode($output, true, 64, JSON_THROW_ON_ERROR);

        self::assertSame(0, $code);
        self::assertCount(25, $result['steps']);
        self::assertSame('present', $result['steps'][2]['observation']['values']['C0040-13']);
        self::assertEquals(100, $result['marks']['points']);
    }

    /** @return array<string, array{array<string, mixed>, array<string, mixed>, string}> */
    public static function wrongFiles(): array
    {
        return [
            'case of a wrong kind' => [['faults' => [['kind' => 'rust', 'channel' => 'FR']]], [], "/faults/0/kind: no fault of the kind 'rust' is known"],
            'case with a value that cannot be' => [['carValues' => ['/channels/FR/ring/teeth' => 0]], [], '/carValues/~1channels~1FR~1ring~1teeth'],
            'case with a battery the wrong way round' => [['carValues' => ['/supply/batteryVolts' => -12]], [], '/carValues/~1supply~1batteryVolts'],
            'case with an entry nobody knows' => [['colour' => 'red'], [], 'colour'],
            'script with a wrong setting' => [[], ['actions' => [['do' => 'ignition', 'to' => 'sideways']]], "/actions/0/to: expected one of off, on, running, found 'sideways'"],
            'script with a pad that does not exist' => [[], ['actions' => [['do' => 'measure', 'function' => 'ohms', 'first' => 'x', 'second' => 'body']]], '/actions/0/first'],
            'script of another format' => [[], ['format' => 'something'], '/format: expected "lernfall-script/2"'],
        ];
    }

    /**
     * @param  array<string, mixed>  $caseChange
     * @param  array<string, mixed>  $scriptChange
     */
    #[DataProvider('wrongFiles')]
    public function test_a_wrong_file_is_explained_with_its_path(array $caseChange, array $scriptChange, string $message): void
    {
        $case = $this->file([...Workbench::json('examples/coil-open.case.json'), ...$caseChange]);
        $script = $this->file([...Workbench::json('examples/coil-open.script.json'), ...$scriptChange]);
        [$code, $output] = $this->rehearse($case, $script);

        self::assertSame(2, $code);
        self::assertStringContainsString($message, $output);
        self::assertStringNotContainsString('Stack trace', $output);
    }

    public function test_a_file_that_is_not_there_or_no_json_is_explained(): void
    {
        $broken = tempnam(sys_get_temp_dir(), 'case');
        file_put_contents($broken, '{"format": ');

        self::assertSame(2, $this->rehearse('nowhere.json', 'examples/coil-open.script.json')[0]);
        self::assertStringContainsString('is not JSON', $this->rehearse($broken, 'examples/coil-open.script.json')[1]);
    }

    public function test_it_prints_what_was_still_possible_and_how_the_repair_stood_to_it(): void
    {
        $output = $this->rehearse('examples/loom-open.case.json', 'examples/loom-open.script.json')[1];

        self::assertMatchesRegularExpression('~\d+ possible: loom-open@FR 2\d %, plug-corroded@FR 2\d %~', $output);
        self::assertStringContainsString('repair-loom@FR, justified; helps with 9', $output);
    }

    /** Zero where a case can be solved, one where it cannot, two where the file is none. */
    public function test_a_case_is_checked_for_a_way_to_solve_it(): void
    {
        [$code, $output] = $this->artisan('case:check', 'examples/coil-open.case.json');
        self::assertSame(0, $code);
        self::assertStringContainsString('can be solved: replace-sensor@FR, reached on 3 of 3 cars', $output);

        $pump = $this->file([...Workbench::json('examples/coil-open.case.json'), 'faults' => [['kind' => 'pump-dead', 'channel' => 'car']], 'withheld' => ['trial-parts', 'meter', 'scope', 'clamp']]);
        [$code, $output] = $this->artisan('case:check', $pump, '--json');
        self::assertSame(1, $code);
        $together = json_decode($output, true, 16, JSON_THROW_ON_ERROR)['together'];
        self::assertContains('pump-wire-open@car', $together);
        self::assertNotContains('pump-relay-dead@car', $together, 'a dead relay is not heard to click');
        self::assertSame(2, $this->artisan('case:check', 'nowhere.json')[0]);
    }

    /** @param  array<string, mixed>  $document */
    private function file(array $document): string
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'lernfall');
        file_put_contents($path, json_encode($document));

        return $path;
    }

    /** @return array{int, string} */
    private function rehearse(string $case, string $script, string ...$options): array
    {
        return $this->artisan('case:rehearse', $case, $script, ...$options);
    }

    /** @return array{int, string} */
    private function artisan(string ...$arguments): array
    {
        $root = dirname(__DIR__, 2);
        $command = implode(' ', array_map(escapeshellarg(...), [PHP_BINARY, ...self::COMPILED, "$root/artisan", ...$arguments]));

        return self::$answers[$command] ??= (static function () use ($root, $command): array {
            exec('cd '.escapeshellarg($root)." && $command 2>&1", $lines, $code);

            return [$code, implode("\n", $lines)];
        })();
    }
}
