<?php

declare(strict_types=1);

namespace App\Actions\Library;

/** How the text of a draft is written, so that a change shows as a change of a few lines. */
final readonly class DraftDocument
{
    public static function text(mixed $document): string
    {
        return json_encode(
            $document,
            JSON_PRETTY_PRINT |
                JSON_UNESCAPED_SLASHES |
                JSON_UNESCAPED_UNICODE |
                JSON_PRESERVE_ZERO_FRACTION |
                JSON_THROW_ON_ERROR,
        )."\n";
    }
}
