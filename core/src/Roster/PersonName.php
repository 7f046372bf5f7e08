<?php

declare(strict_types=1);

namespace Pasada\Core\Roster;

/** What a name of a person may be, on a form and in a list. */
final readonly class PersonName
{
    public const MOST = 120;

    /** @return string|null what is wrong, with what to do; null where nothing is */
    public static function fault(string $name): ?string
    {
        return match (true) {
            trim($name) === '' => 'There is no name.',
            mb_strlen($name) > self::MOST => sprintf('The name is longer than %d letters; shorten it.', self::MOST),
            preg_match('/\d{2,4}[-\/.]\d{1,2}([-\/.]\d{1,4})?/', $name) === 1 => "\"$name\" is a day and no name.",
            preg_match('/^[=+@\-]/', $name) === 1 => "\"$name\" begins as a formula does; write the name itself.",
            preg_match('/\p{L}/u', $name) !== 1 => "\"$name\" holds no letter.",
            preg_match('/\d/', $name) === 1 => "\"$name\" holds a number.",
            preg_match('/[\x00-\x1f<>]/', $name) === 1 => 'The name holds signs that no name has.',
            default => null,
        };
    }
}
