<?php

declare(strict_types=1);

namespace Tests\Browser\Support;

/** Everything that is laid over a page, for the checks that hold for all of them: the script that lays it there, sign-in name, path, the steps there (as `Person::does` reads them), what is seen then. */
final readonly class Overlays
{
    private const PRESSED = [
        'name the cause' => ['bay/CauseDialog', 'cem', '/bay/3', ['Name the cause'], 'Readings that support it'],
        'close the job' => ['bay/ConcludeDialog', 'cem', '/bay/3', ['Close the job'], 'How does the car leave?'],
        'what is marked' => ['bay/RulesDialog', 'cem', '/bay/3', ['What is marked'], 'A repair is sound where'],
        'advice' => ['bay/CounselDialog', 'cem', '/bay/3', ['Ask for advice'], 'Close'],
        'somebody to work with' => ['bay/PairButton', 'cem', '/bay/3', ['Work with somebody'], 'Close'],
        'a repair' => ['bay/RepairDialog', 'cem', '/bay/3', ['Clean, reseat sensor plug'], 'Do it'],
        'keys' => ['bay/KeysDialog', 'cem', '/bay/3', ['? keys'], 'put the first or second lead'],
        'the way through the bay' => ['bay/Tour', 'cem', '/bay/3', ['? keys', 'The bay in six steps'], 'The card is yours'],
        'a stage of the work' => ['bay/OrderLine', 'cem', '/bay/3', ['Verify, done'], 'See for yourself that it is so'],
        'what a station is' => ['ui/Explain', 'cem', '/bay/3', ['Explain: Plug'], 'probe it from behind'],
        'rules of a case' => ['policy/PolicyDialog', 'kessel', '/cases/2', ['Adjust the rules of this case'], 'Rules of this case'],
        'publish' => ['bench/PublishDialog', 'kessel', '/cases/2', ['Publish', 'Choose single apprentices'], 'Bente Sand'],
        'values of a car' => ['bench/CarValues', 'kessel', '/cases/2', ['Values of the car'], 'Find a value'],
        'groups' => ['people/GroupsDialog', 'kessel', '/people', ['Groups'], 'One more group'],
        'add a person' => ['people/AddPerson', 'kessel', '/people', ['Add a person'], 'Name'],
        'join by a code' => ['people/JoinDoor', 'kessel', '/people', ['Join by a code', 'Make a code'], 'valid until'],
        'grades' => ['marks/GradesDialog', 'kessel', '/marks', ['Grades'], 'Table of grades'],
        'a rule was wrong' => ['cases/FaultyRule', 'kessel', '/cases/1/attempts', ['A rule was wrong'], 'A correction only raises marks'],
        'annul' => ['cases/Annul', 'kessel', '/cases/1/attempts', ['Annul'], 'have begun.'],
        'confirm all' => ['cases/GivenOut', 'kessel', '/cases/1/attempts', ['Confirm all marks'], 'by your name'],
        'more for an attempt' => ['cases/AttemptMenu', 'kessel', '/cases/2/attempts', ['More for Cem Aydin'], 'Give a fresh car'],
        'decide otherwise' => ['report/OverrideDialog', 'kessel', '/report/2', ['Decide otherwise: Proof'], 'The apprentice reads this'],
        'goals of a case' => ['cases/GoalsDialog', 'kessel', '/cases', ['More for Broken coil, front right', 'item:What it teaches'], 'Close'],
        'sharing a case' => ['cases/ShareDialog', 'kessel', '/cases', ['More for Broken coil, front right', 'item:Share'], 'Close'],
        'throwing a case away' => ['cases/CaseMenu', 'kessel', '/cases', ['More for Pump relay dead', 'item:Delete'], 'Do it'],
        'more for a case' => ['cases/CaseMenu', 'kessel', '/cases', ['More for Pump relay dead'], 'Copy'],
        'saying something' => ['cases/SayDialog', 'kessel', '/cases/2/attempts', ['More for Cem Aydin', 'item:Say something'], 'Say it'],
        'giving time' => ['cases/ConcedeDialog', 'kessel', '/cases/2/attempts', ['More for Cem Aydin', 'item:Give time'], 'Close'],
        'taking back' => ['cases/GivenOut', 'kessel', '/cases/1/attempts', ['Take back'], 'Do it'],
        'ending a sign-in' => ['house/SignInsPage', 'arlo', '/sign-ins', ['End'], 'Do it'],
        'groups of a person' => ['people/ChooseGroups', 'kessel', '/people', ['Change the groups of Dilan Ott'], 'Keep these'],
        'deleting a person' => ['people/PeoplePage', 'amsel', '/people', ['Delete Dilan Ott'], 'Nothing of Dilan Ott is left'],
        'a password for once' => ['people/ForOnce', 'kessel', '/people', ['New password for Bente Sand', 'Do it'], 'I have noted it'],
        'another password' => ['people/PeoplePage', 'kessel', '/people', ['New password for Bente Sand'], 'Do it'],
        'being absent' => ['marks/AbsenceMenu', 'kessel', '/marks', ['Dilan Ott, Broken coil, front right: not started. Change'], 'Was absent'],
        'throwing a draft away' => ['bench/BenchPage', 'kessel', '/cases/new', ['put:Job title=A wheel that drags', 'Throw away'], 'Do it'],
        'turning a wheel under power' => ['instruments/hands/UnderPower', 'cem', '/bay/3', ['tab:Hands', 'Let the engine turn it, idling'], 'A helper sits at the brake'],
        'a larger scope' => ['instruments/scope/ScopeReadout', 'cem', '/bay/3', ['tab:Scope', 'first:Sweep once', 'Larger'], 'Close'],
        'a drive as a table' => ['road/DriveView', 'arlo', '/lab/road', ['table'], 'off the line, m'],
        'clearing codes that are asked about' => ['instruments/scan/ToolControls', 'dilan', '/jobs', ["in:The glazier's Lendo|Start the job", 'set:Key=on', 'tab:Scan', 'select:Vehicle in its menu=Lendo 1.5', 'select:System in its menu=Slip and stability unit', 'Clear the codes'], 'cannot be read again'],
        'a closer look' => ['looks/CloserLook', 'cem', '/bay/3', ['tab:Eyes', 'first:Read the size on the tyre', 'Look closer'], 'What it means is yours to say'],
        'copy a car' => ['vehicles/VehicleDialog', 'kessel', '/vehicles', ['Copy a car'], 'Find a value'],
    ];

    /** Those that take two people, or a page left alone: looked at by the test that tells how one gets there. */
    private const TOLD = ['bay/SitsFastDialog' => 'BenchTest', 'app/Palette' => 'AccessibilityTest', 'app/SignInOver' => 'TroubleTest', 'bench/Meanwhile' => 'OwnTest', 'vehicles/VehiclesPage' => 'OwnTest', 'cases/GivenOut' => 'ReleaseTest', 'bay/RepairDialog' => 'HandOverTest'];

    /** @return array<string, array{string, string, list<string>, string}> sign-in name, path, steps, what is seen then */
    public static function all(): array
    {
        return array_map(static fn (array $one): array => array_slice($one, 1), self::PRESSED);
    }

    /** @return list<string> scripts that lay more over a page than is looked at */
    public static function missing(): array
    {
        $scripts = dirname(__DIR__, 3).'/resources/js/';
        $looked = array_count_values([...array_column(self::PRESSED, 0), ...array_keys(array_filter(self::TOLD, static fn (string $test): bool => str_contains((string) file_get_contents(dirname(__DIR__)."/$test.php"), 'fitsEverywhere(')))]);
        $files = array_map(static fn (string $path): string => substr($path, strlen($scripts), -4), [...glob("$scripts*/*.tsx") ?: [], ...glob("$scripts*/*/*.tsx") ?: []]);
        $laid = static fn (string $file): int => preg_match_all('~<(?:(?:Confirm)?Dialog\s|(?:Dialog|DropdownMenu|Popover)\.Root)~', (string) file_get_contents("$scripts$file.tsx"));

        return array_values(array_filter($files, static fn (string $file): bool => $laid($file) > ($looked[$file] ?? 0) && ! in_array($file, ['ui/ConfirmDialog'], true)));
    }
}
