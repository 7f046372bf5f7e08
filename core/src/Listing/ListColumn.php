<?php

declare(strict_types=1);

namespace Pasada\Core\Listing;

/** What a column of somebody's own list tells of the parts in it. */
enum ListColumn: string
{
    case Part = 'part';
    case Section = 'section';
    case Points = 'points';
    case Axle = 'axle';
    case Worth = 'worth';
    case Form = 'form';
    case Critical = 'critical';
    case Nothing = 'nothing';

    public function label(): string
    {
        return match ($this) {
            self::Part => 'Part',
            self::Section => 'Section',
            self::Points => 'What to say of it',
            self::Axle => 'Axle',
            self::Worth => 'Worth',
            self::Form => 'Form it is drawn in',
            self::Critical => 'Has to be earned to pass',
            self::Nothing => 'Not needed',
        };
    }

    /** Pattern of the headings that people give such a column; null where there is none. */
    public function headings(): ?string
    {
        return match ($this) {
            self::Part => '/\b(part|item|component|inspect\w*|check\w*|equipment|name)s?\b/i',
            self::Section => '/\b(section|area|group|category|location|station|zone|where|place)s?\b/i',
            self::Points => '/\b(point|say|said|statement|condition|look|criteria|describe|description|what)s?\b/i',
            self::Axle => '/\b(axle|position)s?\b/i',
            self::Worth => '/\b(worth|weight|value|score|pts)\b/i',
            self::Form => '/\b(form|version|draw|variant)s?\b/i',
            self::Critical => '/\b(critical|must|mandatory|required|auto\w*|fail\w*)\b/i',
            self::Nothing => null,
        };
    }
}
