<?php

declare(strict_types=1);

namespace App\Documents;

use App\Strings;
use Lernfall\Document\InvalidDocument;

/** What is wrong with a document, in the reader's language. */
final readonly class Complaint
{
    /** With the place in the document before it. */
    public static function of(InvalidDocument $invalid): string
    {
        return ($invalid->pointer === '' ? Strings::text('document.whole') : $invalid->pointer).': '.self::detail($invalid);
    }

    public static function detail(InvalidDocument $invalid): string
    {
        return Strings::text($invalid->messageKey, $invalid->parameters);
    }
}
