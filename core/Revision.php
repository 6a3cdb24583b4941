<?php

declare(strict_types=1);

namespace Lernfall;

/** Names the state of the rules: observations and marks carry it, and it changes whenever one of them could come out differently. */
final readonly class Revision
{
    public const CURRENT = '27';
}
