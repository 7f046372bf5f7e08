<?php

declare(strict_types=1);

namespace Pasada\Core\Vehicle;

/** What a unit is called on its vehicle: "trailer" where there is one, "second trailer" where there are several. */
final readonly class UnitName
{
    private const ORDINALS = ['first', 'second', 'third', 'fourth', 'fifth', 'sixth', 'seventh', 'eighth'];

    private function __construct(
        public UnitKind $kind,
        public string $id,
        public string $label,
        /** Whether other units are pulled as well, so that "trailer axle" would not tell which is meant. */
        public bool $isOneOfSeveral,
    ) {}

    /**
     * @param  list<UnitKind>  $kinds  of the units from front to back
     * @param  bool  $areApart  whether several that are pulled are told apart, as the format before did not
     * @return list<self>
     */
    public static function of(array $kinds, bool $areApart): array
    {
        $nouns = array_map(self::noun(...), $kinds);
        $counts = array_count_values($nouns);
        $towed = count(array_filter($kinds, static fn (UnitKind $kind): bool => ! $kind->isPowered()));
        $names = $seen = [];
        foreach ($nouns as $n => $noun) {
            $seen[$noun] = ($seen[$noun] ?? 0) + 1;
            $name = $counts[$noun] > 1 ? (self::ORDINALS[$seen[$noun] - 1] ?? $seen[$noun].'th').' '.$noun : $noun;
            $names[] = new self(
                $kinds[$n], str_replace(' ', '-', $name), $name,
                $areApart && $towed > 1 && ! $kinds[$n]->isPowered(),
            );
        }

        return $names;
    }

    private static function noun(UnitKind $kind): string
    {
        return match ($kind) {
            UnitKind::DayCabTractor, UnitKind::SleeperTractor => 'tractor',
            UnitKind::StraightTruck => 'truck',
            UnitKind::Bus => 'bus',
            UnitKind::Semitrailer, UnitKind::DrawbarTrailer => 'trailer',
            UnitKind::Dolly => 'dolly',
        };
    }
}
