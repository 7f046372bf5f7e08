<?php

declare(strict_types=1);

namespace App\Actions\Library;

use App\Library\ShippedDocuments;
use App\Models\DocumentKind;
use App\Models\School;
use App\Models\StoredDocument;
use App\Models\User;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Support\Carbon;
use Illuminate\Validation\ValidationException;

/** Puts a checklist or vehicle that comes with the application in force at a school, as it is. */
final readonly class AdoptShipped
{
    private const REASON = 'As it comes with Pasada';

    public function __construct(private ConnectionInterface $database, private ShippedDocuments $shipped) {}

    /**
     * Asked for twice, it is there once.
     *
     * @throws ValidationException if none of that id comes with the application
     */
    public function handle(User $by, DocumentKind $kind, string $id, Carbon $now): StoredDocument
    {
        $text = $this->shipped->of($kind)[$id]
            ?? throw ValidationException::withMessages([
                'id' => 'Nothing of that id comes with Pasada. Choose from the list.',
            ]);
        $name = $this->shipped->names($kind)[$id];
        $adopted = $this->database->transaction(static function () use ($by, $kind, $id, $text, $name, $now): mixed {
            $school = School::query()->whereKey($by->school_id);
            $school->lockForUpdate()->value('id');

            return $kind->model()::query()->firstOrCreate(
                ['school_id' => $by->school_id, 'slug' => $id, 'version' => 1],
                [
                    'name' => $name, 'document' => $text, 'author_id' => $by->id, 'reason' => self::REASON,
                    'in_force_from' => $by->school->today($now)->toDateString(),
                ],
            );
        });
        assert($adopted instanceof StoredDocument);

        return $adopted;
    }
}
