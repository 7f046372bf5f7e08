<?php

declare(strict_types=1);

namespace App\Sound;

/** Bytes of a file that a player asks for (RFC 9110, 14.1.2): one range, or all. */
final readonly class SoundRange
{
    private function __construct(public int $from, public int $to, private int $size, private bool $isPart) {}

    /** @return self|null null for a range that the file has not */
    public static function of(string $header, int $size): ?self
    {
        if (preg_match('/^bytes=(\d*)-(\d*)$/', $header, $is) !== 1 || $is[1].$is[2] === '') {
            return $size > 0 ? new self(0, $size - 1, $size, false) : null;
        }
        // "-500" are the last 500.
        $from = $is[1] === '' ? max(0, $size - (int) $is[2]) : (int) $is[1];
        $to = $is[1] === '' || $is[2] === '' ? $size - 1 : min((int) $is[2], $size - 1);

        return $from > $to ? null : new self($from, $to, $size, true);
    }

    public function status(): int
    {
        return $this->isPart ? 206 : 200;
    }

    /** @return array<string, string> */
    public function headers(): array
    {
        return [
            'Accept-Ranges' => 'bytes', 'Content-Length' => (string) ($this->to - $this->from + 1),
            ...($this->isPart ? ['Content-Range' => "bytes $this->from-$this->to/$this->size"] : []),
        ];
    }
}
