<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * @property int $id
 * @property string $name
 * @property string $state
 * @property list<string>|null $note_phrases null until the school keeps its own
 */
final class School extends Model
{
    public $timestamps = false;

    protected $fillable = ['name', 'state', 'note_phrases'];

    /** What a school starts with; its own take their place. */
    private const USUAL_PHRASES = [
        'Did not point at it', 'Said from where it cannot be seen', 'Very quiet', 'Needed a second start', 'Asked for help', 'Unsafe: told to stop',
    ];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['note_phrases' => 'array'];
    }

    /** @return list<string> */
    public function phrases(): array
    {
        return $this->note_phrases ?? self::USUAL_PHRASES;
    }
}
