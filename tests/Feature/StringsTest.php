<?php

declare(strict_types=1);

namespace Tests\Feature;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Car\Connections;
use Lernfall\Bay\Generator\InjectedShape;
use Lernfall\Bay\Inspection\Sight;
use Lernfall\Bay\Lift\SecureStep;
use Lernfall\Bay\Meter\MeterFunction;
use Lernfall\Bay\Repair\RepairKind;
use Lernfall\Bay\Rooms;
use Lernfall\Bay\Worksheet\HandOver;
use Lernfall\Bay\Worksheet\Vocabulary;
use Lernfall\Drive\Route;
use Lernfall\Evidence\Advice\CandidateTests;
use Lernfall\Evidence\Advice\Trial;
use Lernfall\Evidence\Advice\Trials;
use Lernfall\Fault\Catalogue;
use Lernfall\Fault\Symptom;
use Lernfall\Marking\Marker;
use Lernfall\Marking\Mistake\Mistakes;
use Lernfall\Marking\School\Comparing;
use Lernfall\Marking\School\CorrodedPlug;
use Lernfall\Marking\School\FirstTest;
use Lernfall\Marking\School\LampOut;
use Lernfall\Marking\School\OhmsOnActive;
use Lernfall\Marking\School\Schools;
use Lernfall\Marking\School\TwoRepairs;
use Lernfall\Marking\UnsafeActs;
use Lernfall\Module\CodeStatus;
use Lernfall\Module\Failure;
use Lernfall\Vehicle\Pads;
use Lernfall\Vehicle\Provocation;
use Lernfall\Vehicle\Vehicle;
use PHPUnit\Framework\TestCase;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use ReflectionClass;
use Tests\Support\Workbench;

/** Every key the core gives out has its words in the one catalogue. */
final class StringsTest extends TestCase
{
    private const CARS = ['harl-13', 'lendo-15', 'brack-22', 'mirl-10', 'ostrel-t2'];

    public function test_every_key_of_the_bay_has_a_name(): void
    {
        preg_match('~const KEYS = \[(.*?)^\];~ms', self::script('bay/KeysDialog.tsx'), $list);
        foreach (glob(self::scripts().'instruments/*/index.tsx') ?: [] as $instrument) {
            preg_match('~^    keys: (\[.*?\])~m', (string) file_get_contents($instrument), $own);
            $list[] = $own[1] ?? '';
        }
        preg_match_all("~'([^']+)'~", implode(',', array_slice($list, 1)), $keys);
        $known = Workbench::json('resources/lang/en.json');

        self::assertContains('X', $keys[1]);
        self::assertContains('M', $keys[1]);
        self::assertSame($keys[1], array_unique($keys[1]));
        foreach ($keys[1] as $key) {
            self::assertArrayHasKey("key.$key", $known);
            self::assertArrayHasKey("key-name.$key", $known);
        }
    }

    public function test_every_key_has_its_words(): void
    {
        $catalogue = Workbench::json('resources/lang/en.json');
        $missing = array_values(array_filter($this->keys(), static fn (string $key): bool => trim((string) ($catalogue[$key] ?? '')) === ''));

        self::assertSame([], $missing);
    }

    /** Whoever reads a report reads three sentences first. */
    public function test_a_report_opens_in_three_short_sentences_whatever_was_lost(): void
    {
        $known = Workbench::json('resources/lang/en.json');
        foreach (['good', 'cost', 'next'] as $which) {
            foreach ([...array_map(static fn (string $id): string => ".$id", Marker::criterionIds()), '-none'] as $end) {
                self::assertArrayHasKey("opening.$which$end", $known);
                self::assertLessThanOrEqual(15, count(explode(' ', $known["opening.$which$end"])), "opening.$which$end");
            }
        }
    }

    public function test_no_key_is_there_twice(): void
    {
        $written = (string) file_get_contents(dirname(__DIR__, 2).'/resources/lang/en.json');

        self::assertSame(count(Workbench::json('resources/lang/en.json')), preg_match_all('~^    "[^"]+":~m', $written));
    }

    /** In advice and report faults stand in one list, without the place that the bench puts above them. */
    public function test_no_two_faults_have_the_same_name(): void
    {
        $known = Workbench::json('resources/lang/en.json');
        $names = array_filter($known, static fn (string $key): bool => str_starts_with($key, 'fault.'), ARRAY_FILTER_USE_KEY);

        self::assertSame($names, array_unique($names));
    }

    public function test_every_text_closes_its_braces(): void
    {
        foreach (Workbench::json('resources/lang/en.json') as $key => $text) {
            self::assertSame(substr_count($text, '{{'), substr_count($text, '}}'), (string) $key);
        }
    }

    public function test_every_key_that_a_script_says_has_its_words(): void
    {
        $known = Workbench::json('resources/lang/en.json');
        $missing = [];
        foreach (self::everyScript() as $path => $script) {
            preg_match_all('~\bt\(([^`]{0,200}?)[,)]~s', $script, $said);
            preg_match_all("~'([a-z][\w-]*\.[\w.-]+)'~", implode("\n", $said[1]), $keys);
            array_push($missing, ...array_map(static fn (string $key): string => "$path: $key", array_filter($keys[1], static fn (string $key): bool => ! isset($known[$key]) && ! isset($known["{$key}_one"]))));
        }

        self::assertSame([], $missing);
    }

    /** A page fetches the words whose keys its scripts write, or the beginnings of; what the server names is not written there (`markSentence` says how it begins). */
    public function test_every_key_begins_where_it_is_written(): void
    {
        $hidden = [];
        foreach (self::everyScript() as $path => $script) {
            preg_match_all('~\bt\(\s*(?:`\$\{(?!key\}|wordsUnder\})|[a-z]\w*(?:\.\w+)+[,)])~', $script, $found);
            array_push($hidden, ...array_map(static fn (string $one): string => "$path: $one", $found[0]));
        }

        self::assertSame([], $hidden);
    }

    public function test_every_instrument_has_a_name_and_every_tool_lies_on_the_trolley(): void
    {
        $known = Workbench::json('resources/lang/en.json');
        $tools = [];
        foreach (glob(self::scripts().'instruments/*/index.tsx') ?: [] as $instrument) {
            $written = (string) file_get_contents($instrument);
            self::assertSame(1, preg_match("~^    name: '(.+)',$~m", $written, $name), $instrument);
            self::assertArrayHasKey("slate.$name[1]", $known);
            preg_match_all('~^    (?:tools|also): \[(.*)\],$~m', $written, $lists);
            preg_match_all("~'([^']+)'~", implode(',', $lists[1]), $found);
            array_push($tools, ...$found[1]);
        }

        self::assertEqualsCanonicalizing(Rooms::procedures()->tools(), $tools);
    }

    /** @return iterable<string, string> by path */
    private static function everyScript(): iterable
    {
        $files = new RecursiveIteratorIterator(new RecursiveDirectoryIterator(self::scripts(), RecursiveDirectoryIterator::SKIP_DOTS));
        foreach ($files as $path => $file) {
            yield substr((string) $path, strlen(self::scripts())) => (string) file_get_contents((string) $path);
        }
    }

    private static function script(string $path): string
    {
        return (string) file_get_contents(self::scripts().$path);
    }

    private static function scripts(): string
    {
        return dirname(__DIR__, 2).'/resources/js/';
    }

    /** @return list<string> */
    private function keys(): array
    {
        $keys = [...$this->written("~'((?:mark|unfit|form|error|attempt)\.[a-z.-]+[a-z])'~"), ...$this->prefixed('refusal', "~Branch::refused\(\\\$car, '([a-z-]+)'~")];
        foreach (Marker::criterionIds() as $id) {
            array_push($keys, "criterion.$id", "criterion.$id.rule");
        }
        foreach (Vocabulary::DEFECTS as $station => $defects) {
            array_push($keys, "station.$station", "at-station.$station", ...array_map(static fn (string $one): string => "defect.$station.$one", $defects));
        }
        foreach (Vocabulary::SIGHTS as $at => $sights) {
            array_push($keys, ...array_map(static fn (string $one): string => "sight.$one", $sights));
            array_push($keys, ...(Sight::tryFrom($at) === null ? [] : array_map(static fn (string $one): string => "sight-short.$one", $sights)));
        }
        foreach ([...Pads::FEED, ...Pads::BENCH, Pads::BODY, Pads::BATTERY_POSITIVE, Pads::BATTERY_NEGATIVE] as $pad) {
            $keys[] = "pad.$pad";
        }
        foreach ((new CandidateTests(Rooms::procedures()))->ofTheWholeCar(Workbench::vehicle('mirl-10')) as $test) {
            $keys[] = "test.$test->id";
        }
        foreach (['hookup' => Connections::none()->broughtOut(true)->connected(), 'blemish' => ['surface-rust', 'scuffed-sleeve', 'road-dirt', 'dull-paint'], 'sight' => array_values(Vocabulary::HARMLESS)] as $kind => $names) {
            array_push($keys, ...array_map(static fn (string $one): string => ($kind === 'hookup' ? 'then' : $kind).".$one", $names));
        }
        foreach (Mistakes::all(new Schools(ohmsOnActive: OhmsOnActive::Invalid)) as $mistake) {
            $keys[] = "mistake.{$mistake->id()}";
        }
        foreach ([FirstTest::class, Comparing::class, OhmsOnActive::class, TwoRepairs::class, LampOut::class, CorrodedPlug::class] as $school) {
            array_push($keys, 'school.'.lcfirst((new ReflectionClass($school))->getShortName()), ...array_map(static fn ($side): string => "side.$side->value", $school::cases()));
        }
        array_push($keys, ...array_map(static fn (string $tool): string => "tool.$tool", Rooms::procedures()->tools()), ...array_map(static fn (string $act): string => "unsafe.$act", UnsafeActs::names()));
        foreach (self::CARS as $car) {
            $vehicle = Workbench::vehicle($car);
            array_push($keys, ...array_map(static fn (Trial $trial): string => "test.$trial->id", (new Trials(Workbench::simulator()))->on($vehicle, Car::hypothesis($vehicle, $vehicle)->state)));
        }
        foreach (Catalogue::kinds() as $kind) {
            array_push($keys, "fault.$kind->id", "defect.$kind->station.$kind->defect", "strength.$kind->unit");
        }
        foreach (self::CARS as $car) {
            array_push($keys, ...$this->ofVehicle(Workbench::vehicle($car)));
        }

        return [
            ...$keys,
            ...array_map(static fn (string $one): string => "expects.$one", Vocabulary::EXPECTATIONS),
            ...array_map(static fn (string $one): string => "receiver.$one", HandOver::RECEIVERS),
            ...array_map(static fn (string $one): string => "journey.$one", HandOver::JOURNEYS),
            ...array_values(array_map(static fn (Symptom $one): string => "mark.proof.untried.$one->id", array_filter(Workbench::catalogue()->symptoms, static fn (Symptom $one): bool => $one->under !== null))),
            ...array_map(static fn (Symptom $one): string => "symptom.$one->id", array_values(Workbench::catalogue()->symptoms)),
            ...array_map(static fn (RepairKind $one): string => "repair.$one->value", RepairKind::cases()),
            ...array_map(static fn (SecureStep $one): string => "secure.$one->value", SecureStep::cases()),
            ...array_map(static fn (Sight $one): string => "look.$one->value", Sight::cases()),
            ...array_map(static fn (MeterFunction $one): string => "meter.$one->value", MeterFunction::cases()),
            ...array_map(static fn (InjectedShape $one): string => "inject.$one->value", InjectedShape::cases()),
            ...array_map(static fn (Provocation $one): string => "provoke.$one->value", Provocation::cases()),
            ...array_map(static fn (Route $one): string => "route.$one->value", Route::cases()),
            ...array_map(static fn (Failure $one): string => "failure.$one->value", Failure::cases()),
            ...array_map(static fn (CodeStatus $one): string => "code-status.$one->value", CodeStatus::cases()),
            ...array_map(static fn (string $one): string => "steering.$one", ['straight', 'left', 'right']),
            ...array_map(static fn (string $one): string => "did.$one", ['end-session', 'parking-brake', 'watch-lamp', 'read-codes-of', 'clear-codes-of', 'record-on', 'snapshot-on']),
            ...array_map(static fn (string $one): string => "lamp-watched.$one", ['on', 'off', 'blinks']),
            ...array_map(static fn (string $one): string => "check.$one", ['level-lamp', 'steady-lamp', 'resumes', 'stays-on', 'spoiled']),
            ...array_map(static fn (string $one): string => "lamp-message.$one", ['none', 'systems-off', 'distribution-lost', 'diagnosis', 'hill-hold', 'cruise']),
        ];
    }

    /** @return list<string> */
    private function ofVehicle(Vehicle $vehicle): array
    {
        $keys = array_map(static fn (string $lamp): string => "lamp.$lamp", $vehicle->model->lamps);
        foreach ($vehicle->channels as $channel) {
            array_push($keys, "channel.$channel->id", "place.$channel->id", "axle.{$channel->place->axle}", "technology.{$channel->sensor->technology()}");
            foreach ($channel->conductors as $conductor) {
                $keys[] = "colour.$conductor->colour";
            }
            foreach ((new CandidateTests(Rooms::procedures()))->of($vehicle, $channel) as $test) {
                $keys[] = "test.$test->id";
            }
        }
        foreach ($vehicle->model->dataSheet as $values) {
            foreach ($values->values as $value) {
                $keys[] = "nominal.$value->what";
            }
        }

        return array_values(array_unique($keys));
    }

    /** @return list<string> keys that stand in the code as they are */
    private function written(string $pattern): array
    {
        preg_match_all($pattern, $this->code(), $found);

        return array_values(array_unique($found[1]));
    }

    /** @return list<string> */
    private function prefixed(string $prefix, string $pattern): array
    {
        return array_map(static fn (string $one): string => "$prefix.$one", $this->written($pattern));
    }

    private function code(): string
    {
        $root = dirname(__DIR__, 2);
        $code = '';
        foreach (['core', 'app'] as $folder) {
            /** @var \SplFileInfo $file */
            foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator("$root/$folder", \FilesystemIterator::SKIP_DOTS)) as $file) {
                $code .= $file->getExtension() === 'php' ? file_get_contents($file->getPathname()) : '';
            }
        }

        return $code;
    }
}
