<?php

declare(strict_types=1);

namespace Lernfall\Format;

use Lernfall\Document\InvalidDocument;
use Lernfall\Document\Node;
use Lernfall\Module\Failure;
use Lernfall\Module\InvalidCode;
use Lernfall\Module\StandardCode;
use Lernfall\Vehicle\CodeDialect;
use Lernfall\Vehicle\LampOut;
use Lernfall\Vehicle\WarningLamps;

/** Reads how a module names its codes and what it does with its lamps. All but the names may be left out. */
final readonly class DialectReader
{
    private const LOST = ['hill-hold', 'cruise'];

    private const NOTED = ['speed', 'steering', 'volts'];

    /** @throws InvalidDocument */
    public static function dialect(Node $module): CodeDialect
    {
        $types = $module->at('failureTypes')->textsByName();
        $known = array_map(static fn (Failure $failure): string => $failure->value, Failure::cases());
        if (array_diff(array_keys($types), $known) !== []) {
            throw $module->at('failureTypes')->wrong('out-of', ['choices' => implode(', ', $known)]);
        }
        $noted = $module->has('freezeFrame') ? $module->texts('freezeFrame') : [];
        if (array_diff($noted, self::NOTED) !== []) {
            throw $module->at('freezeFrame')->wrong('out-of', ['choices' => implode(', ', self::NOTED)]);
        }

        return new CodeDialect(
            self::codes($module->at('codes')),
            $types,
            $module->has('codeTable') ? array_map(static fn (Node $row): array => $row->textsByName(), $module->entries('codeTable')) : [],
            $module->has('ownNumbers') ? $module->at('ownNumbers')->textsByName() : [],
            self::companions($module),
            $noted,
            $module->has('ports') ? $module->at('ports')->textsByName() : [],
        );
    }

    /** @throws InvalidDocument */
    public static function lamps(Node $module): WarningLamps
    {
        $out = $module->has('lampOut') ? LampOut::tryFrom($module->text('lampOut')) : LampOut::Passed;

        return new WarningLamps(
            $module->texts('lampsOnFault'),
            $out ?? throw $module->at('lampOut')->noneOf(array_column(LampOut::cases(), 'value')),
            $module->has('litInSession') && $module->bool('litInSession'),
            self::alsoLost($module),
            $module->has('distributionLostFrom') ? $module->int('distributionLostFrom') : null,
        );
    }

    /** @return list<string> */
    private static function alsoLost(Node $module): array
    {
        $lost = $module->has('alsoLost') ? $module->texts('alsoLost') : [];
        if (array_diff($lost, self::LOST) !== []) {
            throw $module->at('alsoLost')->wrong('out-of', ['choices' => implode(', ', self::LOST)]);
        }

        return $lost;
    }

    /** @return array<array-key, list<string>> */
    private static function companions(Node $module): array
    {
        $companions = [];
        foreach ($module->has('companions') ? array_keys($module->entries('companions')) : [] as $code) {
            $companions[$code] = $module->at('companions')->texts($code);
        }

        return $companions;
    }

    /** @return array<array-key, string> */
    private static function codes(Node $node): array
    {
        $codes = $node->textsByName();
        foreach ($codes as $channel => $code) {
            try {
                StandardCode::fromText($code);
            } catch (InvalidCode) {
                throw $node->at($channel)->wrong('code');
            }
        }

        return $codes;
    }
}
