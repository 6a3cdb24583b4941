<?php

declare(strict_types=1);

namespace Lernfall\Module;

/**
 * A trouble code in its two-byte form: two bits for the system (P, C, B, U), two for the first digit, three
 * hexadecimal digits (ISO 15031-6).
 */
final readonly class StandardCode
{
    private const SYSTEMS = ['P', 'C', 'B', 'U'];

    private function __construct(private int $bits)
    {
    }

    /** @throws InvalidCode */
    public static function fromText(string $text): self
    {
        if (preg_match('~^([PCBU])([0-3])([0-9A-F]{3})$~', $text, $part) !== 1) {
            throw InvalidCode::unreadable($text);
        }

        return new self((int) array_search($part[1], self::SYSTEMS, true) << 14 | (int) $part[2] << 12 | (int) hexdec($part[3]));
    }

    public static function fromBytes(int $high, int $low): self
    {
        return new self(($high & 0xFF) << 8 | ($low & 0xFF));
    }

    /** @return array{int, int} */
    public function bytes(): array
    {
        return [$this->bits >> 8, $this->bits & 0xFF];
    }

    public function text(): string
    {
        return sprintf('%s%d%03X', self::SYSTEMS[$this->bits >> 14], $this->bits >> 12 & 3, $this->bits & 0xFFF);
    }
}
