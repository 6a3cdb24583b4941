<?php

declare(strict_types=1);

namespace Tests\Browser\Support;

/** Everything that is laid over a page, for the checks that hold for all of them: sign-in name, path, what is pressed (or chosen from a menu), what is seen then. */
final readonly class Overlays
{
    private const PRESSED = [
        'name the cause' => ['cem', '/bay/3', ['Name the cause'], 'Readings that support it'],
        'close the job' => ['cem', '/bay/3', ['Close the job'], 'How does the car leave?'],
        'what is marked' => ['cem', '/bay/3', ['What is marked'], 'A repair is sound where'],
        'advice' => ['cem', '/bay/3', ['Ask for advice'], 'Close'],
        'somebody to work with' => ['cem', '/bay/3', ['Work with somebody'], 'Close'],
        'a repair' => ['cem', '/bay/3', ['Clean, reseat sensor plug'], 'Do it'],
        'keys' => ['cem', '/bay/3', ['? keys'], 'put the first or second lead'],
        'the way through the bay' => ['cem', '/bay/3', ['? keys', 'The bay in six steps'], 'The card is yours'],
        'a stage of the work' => ['cem', '/bay/3', ['Verify, done'], 'See for yourself that it is so'],
        'what a station is' => ['cem', '/bay/3', ['Explain: Plug'], 'probe it from behind'],
        'rules of a case' => ['kessel', '/cases/2', ['Adjust the rules of this case'], 'Rules of this case'],
        'publish' => ['kessel', '/cases/2', ['Publish', 'Choose single apprentices'], 'Bente Sand'],
        'values of a car' => ['kessel', '/cases/2', ['Values of the car'], 'Find a value'],
        'groups' => ['kessel', '/people', ['Groups'], 'One more group'],
        'add a person' => ['kessel', '/people', ['Add a person'], 'Name'],
        'join by a code' => ['kessel', '/people', ['Join by a code', 'Make a code'], 'valid until'],
        'grades' => ['kessel', '/marks', ['Grades'], 'Table of grades'],
        'a rule was wrong' => ['kessel', '/cases/1/attempts', ['A rule was wrong'], 'A correction only raises marks'],
        'annul' => ['kessel', '/cases/1/attempts', ['Annul'], 'have begun.'],
        'confirm all' => ['kessel', '/cases/1/attempts', ['Confirm all marks'], 'by your name'],
        'more for an attempt' => ['kessel', '/cases/2/attempts', ['More for Cem Aydin'], 'Give a fresh car'],
        'decide otherwise' => ['kessel', '/report/2', ['Decide otherwise: Proof'], 'The apprentice reads this'],
        'goals of a case' => ['kessel', '/cases', ['More for Broken coil, front right', 'item:What it teaches'], 'Close'],
        'sharing a case' => ['kessel', '/cases', ['More for Broken coil, front right', 'item:Share'], 'Close'],
        'throwing a case away' => ['kessel', '/cases', ['More for Pump relay dead', 'item:Delete'], 'Do it'],
        'more for a case' => ['kessel', '/cases', ['More for Pump relay dead'], 'Copy'],
        'saying something' => ['kessel', '/cases/2/attempts', ['More for Cem Aydin', 'item:Say something'], 'Say it'],
        'giving time' => ['kessel', '/cases/2/attempts', ['More for Cem Aydin', 'item:Give time'], 'Close'],
        'taking back' => ['kessel', '/cases/1/attempts', ['Take back'], 'Do it'],
        'ending a sign-in' => ['arlo', '/sign-ins', ['End'], 'Do it'],
        'groups of a person' => ['kessel', '/people', ['Change the groups of Dilan Ott'], 'Keep these'],
        'deleting a person' => ['amsel', '/people', ['Delete Dilan Ott'], 'Nothing of Dilan Ott is left'],
        'copy a car' => ['kessel', '/vehicles', ['Copy a car'], 'Find a value'],
    ];

    /** @return array<string, array{string, string, list<string>, string}> */
    public static function all(): array
    {
        return self::PRESSED;
    }
}
