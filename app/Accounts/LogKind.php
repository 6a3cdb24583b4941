<?php

declare(strict_types=1);

namespace App\Accounts;

/** What is noted of what happens in the house. */
enum LogKind: string
{
    case SignedIn = 'signed-in';
    case SignInFailed = 'sign-in-failed';
    case SignInSlowed = 'sign-in-slowed';
    case SignedOut = 'signed-out';
    case SessionEnded = 'session-ended';
    case Refused = 'refused';
    case Published = 'published';
    case Withdrawn = 'withdrawn';
    case GivenAgain = 'given-again';
    case Annulled = 'annulled';
    case ReportsOpened = 'reports-opened';
    case Overridden = 'overridden';
    case AbsenceNoted = 'absence-noted';
    case Paused = 'paused';
    case WentOn = 'went-on';
    case Conceded = 'conceded';
    case ExtraTime = 'extra-time';
    case PicturesDescribed = 'pictures-described';
    case RuleCorrected = 'rule-corrected';
    case GradesSet = 'grades-set';
    case MadeUp = 'made-up';
    case MarkConfirmed = 'mark-confirmed';
    case Objected = 'objected';
    case ObjectionDecided = 'objection-decided';
    case PersonAdded = 'person-added';
    case PersonDeleted = 'person-deleted';
    case LetIn = 'let-in';
    case PasswordReset = 'password-reset';
    case PasswordChanged = 'password-changed';
    case Renamed = 'renamed';
    case GroupMade = 'group-made';
    case Regrouped = 'regrouped';

    /** @return list<self> for instructors; the others are for the administrator */
    public static function ofTheClass(): array
    {
        return [self::SignInSlowed, self::Refused, self::Published, self::Withdrawn, self::GivenAgain, self::Annulled, self::ReportsOpened, self::Overridden, self::AbsenceNoted, self::Paused, self::WentOn, self::Conceded, self::ExtraTime, self::PicturesDescribed, self::MadeUp, self::GradesSet, self::RuleCorrected, self::MarkConfirmed, self::Objected, self::ObjectionDecided, self::PersonAdded, self::PersonDeleted, self::LetIn, self::PasswordReset, self::Renamed, self::GroupMade, self::Regrouped];
    }
}
