<?php

declare(strict_types=1);

namespace App\Accounts\Roster;

use App\Models\Group;
use App\Models\User;
use App\Strings;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;

/**
 * People in a file: a name each, how they sign in, and a group. Each row that cannot be taken says why. Columns are told by their
 * headings; without any the order is name, sign-in, group. Where no sign-in is given one is made from the name.
 */
final readonly class Roster
{
    public const MOST_PEOPLE = 300;

    public const MOST_BYTES = 262144;

    private const HEADINGS = [
        'name' => ['name', 'full name', 'vor- und nachname'],
        'signIn' => ['sign-in', 'sign in', 'signs in as', 'anmeldename', 'anmeldung'],
        'group' => ['group', 'class', 'gruppe', 'klasse'],
    ];

    /** What a spreadsheet would compute instead of show. */
    private const FORMULA = ['=', '+', '-', '@'];

    private const SIGN_IN = '/^[a-z0-9][a-z0-9.-]{1,39}$/D';

    private const LONGEST_NAME = 80;

    private const LONGEST_SIGN_IN = 40;

    /** @param  non-empty-list<RosterRow>  $rows */
    private function __construct(public string $encoding, public string $delimiter, public array $rows)
    {
    }

    /** @throws ValidationException where nobody or too many are in it */
    public static function read(string $bytes, User $by): self
    {
        $text = RosterText::read($bytes);
        $columns = self::columns($text->rows[0][1] ?? []);
        $rows = array_slice($text->rows, $columns === null ? 0 : 1);
        if ($rows === [] || count($rows) > self::MOST_PEOPLE) {
            throw ValidationException::withMessages(['csv' => Strings::text($rows === [] ? 'roster.empty' : 'roster.long', ['most' => self::MOST_PEOPLE])]);
        }
        $people = array_map(static fn (array $row): RosterRow => self::person($row, $columns ?? ['name' => 0, 'signIn' => 1, 'group' => 2]), $rows);

        return new self($text->encoding, $text->delimiter, self::checked(self::withSignIns($people), $by));
    }

    public function isInOrder(): bool
    {
        return array_filter($this->rows, static fn (RosterRow $one): bool => $one->problem !== null) === [];
    }

    /** Whether somebody's group is left open. */
    public function needsGroup(): bool
    {
        return array_filter($this->rows, static fn (RosterRow $one): bool => $one->group === '') !== [];
    }

    /** @return list<string> groups there are not yet */
    public function newGroups(): array
    {
        $named = array_values(array_unique(array_filter(array_map(static fn (RosterRow $one): string => $one->problem === null ? $one->group : '', $this->rows))));

        return array_values(array_diff($named, Group::query()->whereIn('name', $named)->pluck('name')->all()));
    }

    /**
     * @param  list<string>  $first
     * @return ?array<string, int> place of each column by what it holds; null where the first row is no heading
     */
    private static function columns(array $first): ?array
    {
        $columns = [];
        foreach ($first as $place => $cell) {
            foreach (self::HEADINGS as $column => $headings) {
                if (in_array(mb_strtolower($cell), $headings, true)) {
                    $columns += [$column => $place];
                }
            }
        }

        return $columns === [] ? null : $columns;
    }

    /**
     * @param  array{int, list<string>}  $row
     * @param  array<string, int>  $columns
     */
    private static function person(array $row, array $columns): RosterRow
    {
        [$line, $cells] = $row;
        $cell = static fn (string $column): string => $cells[$columns[$column] ?? -1] ?? '';

        return new RosterRow($line, $cell('name'), mb_strtolower($cell('signIn')), $cell('group'));
    }

    /**
     * @param  non-empty-list<RosterRow>  $rows
     * @return non-empty-list<RosterRow>
     */
    private static function withSignIns(array $rows): array
    {
        $taken = array_flip(User::query()->pluck('sign_in')->all()) + array_flip(array_map(static fn (RosterRow $one): string => $one->signIn, $rows));
        $filled = [];
        foreach ($rows as $row) {
            $signIn = $row->signIn === '' ? self::madeFrom($row->name, $taken) : $row->signIn;
            $taken[$signIn] = true;
            $filled[] = new RosterRow($row->line, $row->name, $signIn, $row->group);
        }

        return $filled;
    }

    /** @param  array<string, mixed>  $taken  by sign-in */
    private static function madeFrom(string $name, array $taken): string
    {
        $plain = trim(Str::limit(Str::slug($name, '.'), self::LONGEST_SIGN_IN - 3, ''), '.');
        $made = $plain;
        for ($number = 2; isset($taken[$made]); $number++) {
            $made = "$plain$number";
        }

        return $made;
    }

    /**
     * @param  non-empty-list<RosterRow>  $rows
     * @return non-empty-list<RosterRow>
     */
    private static function checked(array $rows, User $by): array
    {
        $there = array_flip(User::query()->whereIn('sign_in', array_map(static fn (RosterRow $one): string => $one->signIn, $rows))->pluck('sign_in')->all());
        $groupsOfOthers = array_flip(Group::query()->whereNotIn('id', Group::of($by)->select('id'))->pluck('name')->all());
        $lines = [];
        $checked = [];
        foreach ($rows as $row) {
            $problem = self::problem($row, isset($there[$row->signIn]), $lines[$row->signIn] ?? null, isset($groupsOfOthers[$row->group]));
            $lines += [$row->signIn => $row->line];
            $checked[] = $problem === null ? $row : $row->refused($problem);
        }

        return $checked;
    }

    private static function problem(RosterRow $row, bool $isThere, ?int $sameIn, bool $isOfOthers): ?string
    {
        return match (true) {
            self::isFormula($row->name) || self::isFormula($row->signIn) || self::isFormula($row->group) => Strings::text('roster.formula'),
            mb_strlen($row->name) > self::LONGEST_NAME || mb_strlen($row->group) > self::LONGEST_NAME => Strings::text('form.too-long'),
            preg_match('/\p{L}/u', $row->name) !== 1 || preg_match('/\p{Cc}/u', $row->name.$row->group) !== 0 => Strings::text('roster.no-name'),
            preg_match(self::SIGN_IN, $row->signIn) !== 1 => Strings::text('form.sign-in-letters'),
            $isThere => Strings::text('form.sign-in-taken'),
            $sameIn !== null => Strings::text('roster.twice', ['line' => $sameIn]),
            $isOfOthers => Strings::text('roster.group-of-others'),
            default => null,
        };
    }

    private static function isFormula(string $cell): bool
    {
        return in_array(mb_substr($cell, 0, 1), self::FORMULA, true);
    }
}
