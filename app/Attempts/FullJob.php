<?php

declare(strict_types=1);

namespace App\Attempts;

use RuntimeException;

/** The job holds as much as one may: it can only be closed. */
final class FullJob extends RuntimeException
{
}
