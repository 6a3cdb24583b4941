<?php

declare(strict_types=1);

namespace Tests\Core\Format;

use Lernfall\Bay\Driving\RoadTest;
use Lernfall\Bay\Hands\Provoke;
use Lernfall\Bay\LiveData\LiveSpeeds;
use Lernfall\Bay\Rooms;
use Lernfall\Bay\Scope\Capture;
use Lernfall\Bay\Worksheet\NameCause;
use Lernfall\Bay\Worksheet\WriteReading;
use Lernfall\Document\InvalidDocument;
use Lernfall\Format\ActionReader;
use PHPUnit\Framework\Attributes\DataProviderExternal;
use PHPUnit\Framework\TestCase;
use Tests\Support\ActionExamples;
use Tests\Support\Sentences;

final class ActionReaderTest extends TestCase
{
    public function test_every_action_reads_as_one_of_its_own_kind(): void
    {
        self::assertEqualsCanonicalizing(Rooms::procedures()->names(), array_keys(ActionExamples::all()));
        $kinds = array_map(static fn (array $action): string => ActionReader::read($action)::class, ActionExamples::all());

        self::assertSame($kinds, array_unique($kinds));
    }

    /** @param  array<string, mixed>  $action */
    #[DataProviderExternal(ActionExamples::class, 'broken')]
    public function test_a_wrong_setting_is_named(array $action, string $pointer): void
    {
        try {
            ActionReader::read($action);
            self::fail("nothing was found wrong at $pointer");
        } catch (InvalidDocument $invalid) {
            self::assertStringStartsWith($pointer, $invalid->getMessage());
        }
    }

    public function test_settings_arrive_in_the_units_of_the_core(): void
    {
        $speeds = ActionReader::read(ActionExamples::all()['live-speeds']);

        self::assertInstanceOf(LiveSpeeds::class, $speeds);
        self::assertEqualsWithDelta(10.0, $speeds->metresPerSecond, 1e-12);
    }

    public function test_a_capture_keeps_coupling_and_edge(): void
    {
        $capture = ActionReader::read(ActionExamples::all()['capture']);

        self::assertInstanceOf(Capture::class, $capture);
        self::assertTrue($capture->inputs[0]->blocksDc);
        self::assertFalse($capture->triggersRising);
        self::assertSame(0.5, $capture->inputs[0]->voltsPerDivision);
    }

    public function test_an_error_inside_a_capture_names_the_input(): void
    {
        $capture = ActionExamples::all()['capture'];
        $capture['inputs'][0]['coupling'] = 'loose';

        self::assertSame("/inputs/0/coupling: expected one of dc, ac, found 'loose'", Sentences::ofRefused(static fn () => ActionReader::read($capture)));
    }

    public function test_provoking_nothing_lets_go(): void
    {
        $provoke = ActionReader::read(['do' => 'provoke', 'how' => 'nothing', 'channel' => 'FR']);

        self::assertInstanceOf(Provoke::class, $provoke);
        self::assertNull($provoke->how);
    }

    public function test_a_reading_may_have_no_number_and_a_cause_rests_on_whole_numbers(): void
    {
        $reading = ActionReader::read([...ActionExamples::all()['write-reading'], 'value' => null, 'word' => 'overload']);
        self::assertInstanceOf(WriteReading::class, $reading);
        self::assertNull($reading->value);

        $cause = ActionReader::read(ActionExamples::all()['name-cause']);
        self::assertInstanceOf(NameCause::class, $cause);
        self::assertSame([4, 7], $cause->supports);

        self::assertStringStartsWith('/supports: expected a list of whole numbers', Sentences::ofRefused(static fn () => ActionReader::read([...ActionExamples::all()['name-cause'], 'supports' => [4, 'seven']])));
    }

    public function test_a_free_drive_is_read_with_its_stretches_and_refused_without(): void
    {
        $action = ActionReader::read(['do' => 'road-test', 'route' => 'free', 'stretches' => [['kilometresPerHour' => 36, 'ground' => 'left-bend', 'seconds' => 20]]]);
        self::assertInstanceOf(RoadTest::class, $action);
        self::assertSame('road-test.free', $action->rate());
        self::assertEqualsWithDelta(10.0, $action->route->drive()->greatestSpeed(), 1e-9);

        $this->expectException(InvalidDocument::class);
        $this->expectExceptionMessage('/stretches');
        ActionReader::read(['do' => 'record-drive', 'route' => 'free', 'onCode' => true]);
    }
}
