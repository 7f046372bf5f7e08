<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Pasada\Core\Brakes\BrakeEvent;
use Pasada\Core\Brakes\EventReader;
use Pasada\Core\Brakes\EventWriter;

/**
 * The brake tests of an attempt as they were observed.
 *
 * @property string $attempt_id
 * @property list<array<string, mixed>> $events in the open format, in order
 * @property list<array<string, mixed>> $taken_back what was corrected away
 */
final class BrakeRun extends Model
{
    public $incrementing = false;

    protected $primaryKey = 'attempt_id';

    protected $keyType = 'string';

    protected $fillable = ['attempt_id', 'events', 'taken_back'];

    /** What was kept of an attempt; nothing yet where the bench was not opened. */
    public static function of(Attempt $attempt): self
    {
        return self::query()->find($attempt->id) ?? new self(['attempt_id' => $attempt->id, 'events' => [], 'taken_back' => []]);
    }

    /** @return list<BrakeEvent> */
    public function observed(): array
    {
        return (new EventReader)->read((string) json_encode(['events' => $this->events]));
    }

    /** @return list<BrakeEvent> */
    public function takenBack(): array
    {
        return (new EventReader)->read((string) json_encode(['events' => $this->taken_back]), 'taken_back', asRun: false);
    }

    /**
     * @param  list<BrakeEvent>  $events
     * @param  list<BrakeEvent>  $takenBack
     */
    public function hold(array $events, array $takenBack): self
    {
        return $this->fill(['events' => array_map(EventWriter::write(...), $events), 'taken_back' => array_map(EventWriter::write(...), $takenBack)]);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['events' => 'array', 'taken_back' => 'array'];
    }
}
