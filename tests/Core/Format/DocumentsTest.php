<?php

declare(strict_types=1);

namespace Tests\Core\Format;

use Lernfall\Bay\Driving\RoadTest;
use Lernfall\Document\InvalidDocument;
use Lernfall\Document\Node;
use Lernfall\Document\Pointer;
use Lernfall\Format\CatalogueReader;
use Lernfall\Format\PolicyReader;
use Lernfall\Format\Script;
use Lernfall\Format\VehicleReader;
use Lernfall\Format\WeighingReader;
use Lernfall\Format\WorkshopReader;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Sentences;
use Tests\Support\Workbench;

/** What ships reads; with any one value taken out or made nonsense of, the error names that value. */
final class DocumentsTest extends TestCase
{
    private const READERS = [
        'core/Marking/policies/workshop.json' => 'policy',
        'core/Marking/policies/first-year.json' => 'policy',
        'core/Marking/policies/examination.json' => 'policy',
        'core/Evidence/weighing.json' => 'weighing',
        'core/Bay/training-workshop.json' => 'workshop',
        'core/Fault/catalogue.json' => 'catalogue',
        'core/Vehicle/BuiltIn/harl-13.json' => 'vehicle',
    ];

    /** @return iterable<string, array{string, string}> */
    public static function numbers(): iterable
    {
        foreach (array_keys(self::READERS) as $file) {
            foreach (self::pointersToNumbers(Workbench::json($file)) as $pointer) {
                yield basename($file).$pointer => [$file, $pointer];
            }
        }
    }

    #[DataProvider('numbers')]
    public function test_a_word_in_place_of_a_number_is_named(string $file, string $pointer): void
    {
        $broken = Pointer::replaced(Workbench::json($file), $pointer, Node::within('plenty', '/here'));

        try {
            $this->read($file, $broken);
            self::fail("nothing was found wrong at $pointer");
        } catch (InvalidDocument $invalid) {
            self::assertStringStartsWith("$pointer: ", $invalid->getMessage());
        }
    }

    public function test_what_ships_reads(): void
    {
        foreach (array_keys(self::READERS) as $file) {
            $this->read($file, Workbench::json($file));
        }
        $this->addToAssertionCount(count(self::READERS));
    }

    public function test_points_below_nothing_and_no_time_are_refused(): void
    {
        $policy = Workbench::json('core/Marking/policies/workshop.json');
        $criterion = array_key_first($policy['weights']);
        self::assertSame("/weights/$criterion: expected no points or more, found -1", $this->messageOf(['weights' => [...$policy['weights'], $criterion => -1]] + $policy));
        self::assertSame('/diagnosisMinutes: expected minutes above zero, found 0', $this->messageOf(['diagnosisMinutes' => 0] + $policy));
        self::assertSame('/margin: expected nothing or more, found -1', $this->messageOf(['margin' => -1] + $policy));
        self::assertSame('/counsel/next: expected nothing or more, found -2', $this->messageOf(['counsel' => ['possible' => 1, 'next' => -2]] + $policy));
    }

    public function test_a_script_names_its_format_and_the_action_that_is_wrong(): void
    {
        $script = Script::read(['format' => Script::FORMAT, 'actions' => [['do' => 'road-test']]]);
        self::assertSame('rehearsal', $script->seed);
        self::assertEquals([new RoadTest], $script->actions);
        self::assertSame('mine', Script::read(['format' => Script::FORMAT, 'seed' => 'mine', 'actions' => []])->seed);
        self::assertEquals([new RoadTest], Script::read(['format' => 'lernfall-script/1', 'actions' => [['do' => 'road-test']]])->actions, 'those of before go on being read');

        self::assertStringStartsWith('/actions/1/do: expected one of ', Sentences::ofRefused(static fn () => Script::read(['format' => Script::FORMAT, 'actions' => [['do' => 'road-test'], ['do' => 'fly']]])));
    }

    public function test_a_script_of_another_format_is_refused(): void
    {
        self::assertSame('/format: expected "lernfall-script/2", found \'other/1\'', Sentences::ofRefused(static fn () => Script::read(['format' => 'other/1', 'actions' => []])));
    }

    /** The escapes and examples of RFC 6901, section 5, as far as they lead into objects and lists. */
    public function test_pointers_lead_where_the_standard_says(): void
    {
        $document = ['foo' => ['bar', 'baz'], '' => 0, 'a/b' => 1, 'c%d' => 2, 'm~n' => 8, ' ' => 7];
        foreach (['/foo/0' => 'bar', '/' => 0, '/a~1b' => 1, '/c%d' => 2, '/m~0n' => 8, '/ ' => 7] as $pointer => $old) {
            $changed = Pointer::replaced($document, $pointer, Node::within('new', '/here'));
            $differences = array_filter($document, static fn ($value, $key): bool => $changed[$key] !== $value, ARRAY_FILTER_USE_BOTH);

            self::assertCount(1, $differences, $pointer);
            self::assertContains($old, is_array(reset($differences)) ? reset($differences) : $differences, $pointer);
        }
    }

    public function test_a_pointer_that_leads_nowhere_says_where_it_was_written(): void
    {
        foreach (['/foo/2' => "the car has no value at '/foo/2'", '/foo/0/deep' => "the car has no value at '/foo/0/deep'", 'foo' => 'expected a JSON pointer such as /tyre/size'] as $pointer => $message) {
            self::assertSame("/here: $message", Sentences::ofRefused(static fn () => Pointer::replaced(['foo' => ['bar']], $pointer, Node::within('new', '/here'))));
        }
    }

    /** @param  array<array-key, mixed>  $policy */
    private function messageOf(array $policy): string
    {
        return Sentences::ofRefused(static fn () => PolicyReader::read(Node::root($policy)));
    }

    private function read(string $file, mixed $document): void
    {
        match (self::READERS[$file]) {
            'policy' => PolicyReader::read(Node::root($document)),
            'weighing' => WeighingReader::read($document),
            'workshop' => WorkshopReader::read($document),
            'catalogue' => CatalogueReader::read($document),
            default => VehicleReader::read($document),
        };
    }

    /**
     * @param  array<array-key, mixed>  $document
     * @return list<string>
     */
    private static function pointersToNumbers(array $document, string $at = ''): array
    {
        $pointers = [];
        foreach ($document as $key => $value) {
            $here = "$at/".str_replace(['~', '/'], ['~0', '~1'], (string) $key);
            array_push($pointers, ...match (true) {
                is_array($value) => self::pointersToNumbers($value, $here),
                is_int($value), is_float($value) => [$here],
                default => [],
            });
        }

        return $pointers;
    }
}
