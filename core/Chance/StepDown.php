<?php

declare(strict_types=1);

namespace Lernfall\Chance;

/** Which of many tests found something, all taken together: Holm, "A simple sequentially rejective multiple test procedure", Scandinavian Journal of Statistics 6 (1979). */
final readonly class StepDown
{
    /**
     * @param  array<string, float>  $chances  of each test where there is nothing to be found
     * @param  float  $level  chance that any is named wrongly
     * @return list<string> those that found something, the surest first
     */
    public static function found(array $chances, float $level): array
    {
        asort($chances);
        $found = [];
        $left = count($chances);
        foreach ($chances as $name => $chance) {
            if ($chance > $level / $left--) {
                break;
            }
            $found[] = $name;
        }

        return $found;
    }
}
