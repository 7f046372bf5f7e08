<?php

declare(strict_types=1);

namespace App\Actions\People;

use App\Models\SchoolClass;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Support\Carbon;

/** Adds and changes a class with who teaches it and on what. */
final readonly class SaveClass
{
    public function __construct(private ConnectionInterface $database) {}

    /**
     * @param  SchoolClass|null  $class  null for a new one
     * @param  array{name: string, begins_on: string|null, ends_on: string|null}  $told
     * @param  list<int>  $instructors
     * @param  list<string>  $vehicles  ids that their documents give them
     */
    public function handle(
        int $schoolId, ?SchoolClass $class, array $told, array $instructors, array $vehicles, bool $isArchived,
        Carbon $now,
    ): SchoolClass {
        $saved = $this->database->transaction(function () use (
            $schoolId, $class, $told, $instructors, $vehicles, $isArchived, $now,
        ): SchoolClass {
            $class ??= new SchoolClass(['school_id' => $schoolId]);
            $since = $class->exists ? $class->archived_at : null;
            $class->fill([...$told, 'archived_at' => $isArchived ? $since ?? $now : null])->save();
            $class->instructors()->sync($instructors);
            $this->database->table('class_vehicles')->where('class_id', $class->id)->delete();
            $this->database->table('class_vehicles')->insert(array_map(
                static fn (string $vehicle): array => ['class_id' => $class->id, 'vehicle' => $vehicle],
                array_values(array_unique($vehicles)),
            ));

            return $class;
        });
        assert($saved instanceof SchoolClass);

        return $saved;
    }
}
