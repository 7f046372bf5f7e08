<?php

declare(strict_types=1);

namespace App\Actions\Library;

use App\Exceptions\DraftHasMovedOn;
use App\Library\DraftStore;
use App\Models\Draft;
use App\Models\StoredDocument;
use App\Models\User;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Support\Carbon;
use Pasada\Core\Document\DocumentHasFaults;
use Pasada\Core\Document\Fault;

/**
 * Makes a draft the next version of its document, in force from a day on. Attempts keep the version they were scored
 * under.
 */
final readonly class PublishDraft
{
    public function __construct(private ConnectionInterface $database, private DraftStore $drafts) {}

    /**
     * @param  int  $seen  the step that was looked at
     * @param  string|null  $reason  why it is put in force
     *
     * @throws DocumentHasFaults if anything in it is wrong; it stays a draft then
     * @throws DraftHasMovedOn if somebody else changed the draft meanwhile, or put another version in force since it
     *   was opened
     */
    public function handle(Draft $draft, User $by, int $seen, Carbon $from, ?string $reason = null): StoredDocument
    {
        $stored = $this->database->transaction(function () use ($draft, $by, $seen, $from, $reason): StoredDocument {
            // Held, so that pressing twice puts it in force once.
            $draft = Draft::hold($draft->id);
            if ($draft->step !== $seen) {
                throw DraftHasMovedOn::of($draft->id);
            }
            $text = $this->drafts->document($draft);
            if ($draft->kind->check($text, 'draft') !== $draft->slug) {
                throw DocumentHasFaults::in('draft', [
                    Fault::at('id', sprintf('must stay "%s"; make a copy for a document of another id', $draft->slug)),
                ]);
            }
            $versions = $draft->kind
                ->model()::ofSchool($draft->school_id)
                ->where('slug', $draft->slug)
                ->lockForUpdate();
            $newest = $versions->max('version');
            if (is_numeric($newest) && (int) $newest !== ($draft->base()->version ?? 0)) {
                throw DraftHasMovedOn::fromItsVersion($draft->id, (int) $newest);
            }
            $version = is_numeric($newest) ? (int) $newest + 1 : 1;
            $document = json_decode($text);
            assert($document instanceof \stdClass);
            if (property_exists($document, 'version')) {
                $document->version = $version;
            }
            $stored = $draft->kind
                ->model()::query()
                ->create([
                    'school_id' => $draft->school_id,
                    'slug' => $draft->slug,
                    'version' => $version,
                    'name' => is_string($document->name ?? null) ? $document->name : $draft->slug,
                    'document' => DraftDocument::text($document),
                    'in_force_from' => $from->toDateString(),
                    'author_id' => $by->id,
                    'reason' => $reason,
                ]);
            $draft->forceDelete();

            return $stored;
        });
        assert($stored instanceof StoredDocument);

        return $stored;
    }
}
