<?php

declare(strict_types=1);

namespace Pasada\Core\Language;

/**
 * Captions as the package that reads them wants them. Header lines, notes, styles and settings are left out, missing
 * numbers are made: the package takes them for faults.
 */
final readonly class CaptionCleaner
{
    public function vtt(string $text): string
    {
        $blocks = ['WEBVTT'];
        foreach ($this->blocks($text) as $block) {
            $lines = explode("\n", trim($block));
            foreach ($lines as $n => $line) {
                if (
                    preg_match(
                        '/^((?:\d+:)?\d{1,2}:\d{2}\.\d{1,3})\s*-->\s*((?:\d+:)?\d{1,2}:\d{2}\.\d{1,3})/',
                        trim($line),
                        $times,
                    ) === 1
                ) {
                    $blocks[] =
                        CaptionTime::stamp($times[1]).
                        ' --> '.
                        CaptionTime::stamp($times[2]).
                        "\n".
                        $this->words(array_slice($lines, $n + 1));
                    break;
                }
            }
        }

        return implode("\n\n", $blocks)."\n";
    }

    public function srt(string $text): string
    {
        $blocks = [];
        foreach ($this->blocks($text) as $block) {
            $lines = explode("\n", trim($block));
            foreach ($lines as $n => $line) {
                if (
                    preg_match(
                        '/^(\d{1,2}:\d{2}:\d{2}[,.]\d{1,3})\s*-->\s*(\d{1,2}:\d{2}:\d{2}[,.]\d{1,3})/',
                        trim($line),
                        $times,
                    ) === 1
                ) {
                    $blocks[] =
                        count($blocks) +
                        1 .
                        "\n".
                        strtr(CaptionTime::stamp($times[1]).' --> '.CaptionTime::stamp($times[2]), '.', ',').
                        "\n".
                        $this->words(array_slice($lines, $n + 1));
                    break;
                }
            }
        }

        return implode("\n\n", $blocks)."\n";
    }

    /** @return list<string> what stands between empty lines */
    private function blocks(string $text): array
    {
        $blocks = preg_split('/\n\s*\n/', trim($text));

        return $blocks === false ? [] : $blocks;
    }

    /** @param  list<string>  $lines  of a cue; the package refuses one without any */
    private function words(array $lines): string
    {
        $lines = array_filter($lines, static fn (string $line): bool => trim($line) !== '');

        return $lines === [] ? '…' : implode("\n", $lines);
    }
}
