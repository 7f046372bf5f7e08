<?php

declare(strict_types=1);

namespace Pasada\Core\Listening\Binding;

use Pasada\Core\Catalogue\Point;
use Pasada\Core\Language\Bound;
use Pasada\Core\Language\Quantity;
use Pasada\Core\Listening\Walking\Placed;

/** What was found about one mention while the words are gone through; it grows, so it is no value. */
final class Finding
{
    /** @var array<string, bool> whether the point is one of the part's own, by code */
    public array $points = [];

    /** @var array<string, float> by key of the open format, as tread_32nds */
    public array $figures = [];

    /** @var list<string> faults said to be there */
    public array $defects = [];

    /** @var array<string, array{Quantity, Bound}> by point code, for comparing with the accepted range */
    public array $said = [];

    /** Index after the last word that tells about it. */
    public int $to;

    /** Index of the first word that tells about it. */
    public int $from;

    public bool $notFitted = false;

    /** How many names were said together with it, itself counted. */
    public int $listed = 1;

    /** The words were no name here but told something of another part. */
    public bool $isNoName = false;

    /** How many of its statements lay away from its name. */
    public int $far = 0;

    public function __construct(public readonly Placed $placed)
    {
        $this->from = $placed->mention->from;
        $this->to = $placed->mention->to;
    }

    public function add(Point $point, bool $own, int $from, int $to): void
    {
        $this->points[$point->value] = ($this->points[$point->value] ?? false) || $own;
        $this->far += $from - $this->to > 8 ? 1 : 0;
        $this->reach($from, $to);
    }

    public function reach(int $from, int $to): void
    {
        $this->from = min($this->from, $from);
        $this->to = max($this->to, $to);
    }
}
