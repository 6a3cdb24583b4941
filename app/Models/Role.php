<?php

declare(strict_types=1);

namespace App\Models;

enum Role: string
{
    case Administrator = 'administrator';
    case Instructor = 'instructor';
    case Apprentice = 'apprentice';
}
