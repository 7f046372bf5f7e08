<?php

declare(strict_types=1);

namespace Pasada\Core\Listening\Binding;

use Pasada\Core\Language\Words;
use Pasada\Core\Listening\Span;

/** Tells a defect that a speaker reports from a fault that is only listed. */
final readonly class Defects
{
    /** Words near it that call for attention. */
    private const ATTENTION = [
        'hey' => true,
        'look' => true,
        'see' => true,
        'found' => true,
        'find' => true,
        'fail' => true,
        'replace' => true,
        'replaced' => true,
        'report' => true,
        'problem' => true,
        'defect' => true,
        'defective' => true,
        'actually' => true,
        'uh' => true,
        'oh' => true,
        'note' => true,
        'noticed' => true,
        'notice' => true,
        'wrong' => true,
        'bad' => true,
        'fixed' => true,
        'repaired' => true,
        'mechanic' => true,
        'service' => true,
        'write' => true,
        'tell' => true,
        'hold' => true,
        'wait' => true,
    ];

    /** Whether a fault that is not denied is reported, and not one whose "not" the captions dropped. */
    public static function isReported(Words $words, Span $span): bool
    {
        $text = $words->text;
        $before = $text[$span->from - 1] ?? '';
        if (
            ! in_array(
                $before,
                ['is', 'are', 'a', 'has', 'got', 'was', 'badly', 'little', 'slightly', 'some', 'big'],
                true,
            )
        ) {
            return false;
        }
        for ($i = max(0, $span->from - 12); $i < min($words->count(), $span->to + 12); $i++) {
            if (
                isset(self::ATTENTION[$text[$i]]) &&
                ! (
                    in_array($text[$i], ['see', 'look', 'find'], true) &&
                    in_array($text[$i - 1] ?? '', ['not', 'i', 'to', 'would', 'can'], true) &&
                    ! in_array($text[$i + 1] ?? '', ['that', 'a', 'here', 'at'], true)
                )
            ) {
                return true;
            }
        }

        return false;
    }
}
