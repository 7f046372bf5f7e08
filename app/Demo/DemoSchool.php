<?php

declare(strict_types=1);

namespace App\Demo;

use App\Models\Role;

/** The made-up scenario: Ferrow Sound Harbor College in the fictional state of Tamarack. Nobody in it exists. */
final readonly class DemoSchool
{
    public const PASSWORD = 'walk-the-yard';

    /** @return list<array{string, string, Role}> name, address to sign in with, role */
    public static function staff(): array
    {
        return [
            ['Rosa Kettering', 'rosa@ferrow-sound.example', Role::Instructor],
            ['Anton Veyra', 'anton@ferrow-sound.example', Role::Instructor],
            ['Ilse Drumlin', 'ilse@ferrow-sound.example', Role::Examiner],
            ['Paul Averdale', 'paul@ferrow-sound.example', Role::Manager],
        ];
    }

    /** @return array{string, string, Role} the student who has an account, named as in students() */
    public static function studentAccount(): array
    {
        return ['Mira Tallgrass', 'mira@ferrow-sound.example', Role::Student];
    }

    /** @return list<StudentProfile> */
    public static function students(): array
    {
        $combination = 'dock-tractor-chassis';
        $truck = 'stake-truck';
        $van = 'quay-sleeper-van';

        return [
            new StudentProfile('Mira Tallgrass', 8, 52, 93, 1, 6, $combination, ['engine.' => 8]),
            new StudentProfile('Odell Marrowby', 5, 60, 82, 3, 20, $combination),
            new StudentProfile('Juna Feldspar', 9, 45, 88, 2, 9, $combination, ['steering.' => 20]),
            // Stuck on trailer brakes.
            new StudentProfile('Corin Ashgrove', 7, 72, 90, 4, 13, $combination, ['brake.@trailer' => 85]),
            // Perfect outside, fails the brake tests.
            new StudentProfile('Petra Lindvale', 6, 94, 98, 2, 8, $combination, ['test.' => 70, 'safety.chocks' => 80]),
            // Not seen for three weeks.
            new StudentProfile('Sefa Tolumano', 4, 58, 74, 22, 30, $combination),
            new StudentProfile('Bram Quillow', 3, 40, 55, 5, null, $truck),
            new StudentProfile('Ines Harrowmere', 6, 66, 91, 1, 15, $truck, ['cab.' => 10]),
            new StudentProfile('Dario Penstock', 5, 55, 70, 6, 27, $van, ['coupling.' => 40], 14),
            new StudentProfile('Wren Castellan', 4, 70, 85, 8, 34, $truck),
            new StudentProfile('Hollis Vanbrook', 3, 35, 50, 12, null, $combination, [], 18),
            new StudentProfile('Nadia Orrinfell', 7, 63, 84, 3, 18, $van, ['trailer.' => 18, 'wheel.tyre' => 50]),
        ];
    }
}
