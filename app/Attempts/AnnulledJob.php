<?php

declare(strict_types=1);

namespace App\Attempts;

use RuntimeException;

/** The assignment it belongs to was annulled: nobody goes on with it. */
final class AnnulledJob extends RuntimeException
{
}
