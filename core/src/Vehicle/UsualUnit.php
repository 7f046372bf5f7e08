<?php

declare(strict_types=1);

namespace Pasada\Core\Vehicle;

/** What is usually hitched on, to begin a unit of one's own with; lengths are usual ones of the trade, in feet. */
final readonly class UsualUnit
{
    private const AXLE_PITCH = 4.2;

    /**
     * What can be hitched behind a unit; a dolly comes with the semitrailer that it carries.
     *
     * @return list<non-empty-list<UnitKind>>
     */
    public static function behind(UnitKind $front): array
    {
        $can = array_filter(UnitKind::cases(), static fn (UnitKind $one): bool => $one->canFollow($front));

        return array_values(
            array_map(
                static fn (UnitKind $one): array => $one === UnitKind::Dolly ? [$one, UnitKind::Semitrailer] : [$one],
                $can,
            ),
        );
    }

    /**
     * A unit of the open format whose front end is at 0.
     *
     * @return array<string, mixed>
     */
    public static function document(UnitKind $kind, BrakeSystem $brakes): array
    {
        // Body, length, the axle at the rear and how many axles there are.
        [$body, $feet, $rear, $count] = match ($kind) {
            UnitKind::Semitrailer => [Body::Van, 40, 34, 2],
            UnitKind::DrawbarTrailer => [Body::Flatbed, 24, 18, 2],
            UnitKind::Dolly => [Body::None, 8, 6, 1],
            default => throw new \LogicException('What drives is not hitched on.'),
        };
        $axles = [];
        for ($n = $count - 1; $n >= 0; $n--) {
            $axles[] = [
                'group' => AxleGroup::Trailer->value,
                'at_ft' => $rear - $n * self::AXLE_PITCH, 'suspension' => 'spring', 'brakes' => 'drum',
                'wheels' => 'dual', 'hub' => 'hub-seal',
            ];
        }
        $hitches = $kind->hitches();

        return [
            'kind' => $kind->value, 'body' => $body->value, 'from_ft' => 0, 'to_ft' => $feet,
            // What it always is needs no word.
            ...(count($hitches) > 1 ? ['hitch' => $hitches[0]->value] : []),
            ...($brakes === BrakeSystem::Air ? [] : ['brakes' => $brakes->value]),
            'axles' => $axles,
        ];
    }
}
