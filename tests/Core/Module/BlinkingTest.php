<?php

declare(strict_types=1);

namespace Tests\Core\Module;

use Lernfall\Module\Blinking;
use Lernfall\Vehicle\BlinkTiming;
use Lernfall\Vehicle\LampCodes;
use Lernfall\Vehicle\PedalClearing;
use PHPUnit\Framework\TestCase;

final class BlinkingTest extends TestCase
{
    /** Blinks half a second apart, 1.5 s between digits, 2.5 s between codes, the list again after 4 s: common practice, no source. */
    private function rules(int $digits = 2): LampCodes
    {
        return new LampCodes($digits, new BlinkTiming(0.5, 1.5, 2.5, 4.0, 0.5), new PedalClearing(8, 3.0), null, null);
    }

    public function test_a_two_digit_code_is_blinked_digit_by_digit(): void
    {
        self::assertSame([0.25, 0.25, 0.25, 1.5, 0.25, 0.25, 0.25, 0.25, 0.25, 4.0], Blinking::of(['23'], $this->rules())->seconds);
    }

    public function test_several_codes_follow_in_ascending_order(): void
    {
        $seconds = Blinking::of(['31', '12', '31'], $this->rules())->seconds;

        self::assertSame([0.25, 1.5, 0.25, 0.25, 0.25, 2.5, 0.25, 0.25, 0.25, 0.25, 0.25, 1.5, 0.25, 4.0], $seconds);
        self::assertEqualsWithDelta(7 * 0.25 + 3 * 0.25 + 1.5 + 2.5 + 1.5 + 4.0, array_sum($seconds), 1e-9, 'until it begins again: seven blinks, three short gaps');
    }

    public function test_even_blinking_means_no_code(): void
    {
        $even = Blinking::of([], $this->rules());

        self::assertSame([0.25, 0.25], $even->seconds);
        self::assertSame([], $even->counted($this->rules()));
    }

    public function test_what_is_blinked_is_what_is_counted(): void
    {
        foreach ([['11'], ['99', '12', '21'], ['45', '46'], ['19', '91']] as $codes) {
            sort($codes);
            self::assertSame($codes, Blinking::fromText(Blinking::of($codes, $this->rules())->text())->counted($this->rules()));
        }
        foreach ([['1'], ['1', '3', '9'], ['4']] as $codes) {
            self::assertSame($codes, Blinking::of($codes, $this->rules(1))->counted($this->rules(1)));
        }
    }
}
