<?php

declare(strict_types=1);

namespace App\Trail;

/** What somebody did, as the trail keeps it. Kept for good: never rename one. */
enum Did: string
{
    case Created = 'created';
    case Changed = 'changed';
    case Removed = 'removed';
    case Viewed = 'viewed';
    case Downloaded = 'downloaded';
    case Exported = 'exported';
    case SignedIn = 'signed in';
    case SignInRefused = 'sign-in refused';
    case SignedOut = 'signed out';
    case SessionsEnded = 'sessions ended';
    case LinkMade = 'link made';
    case PasswordSet = 'password set';
    case Erased = 'erased';
}
