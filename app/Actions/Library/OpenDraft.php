<?php

declare(strict_types=1);

namespace App\Actions\Library;

use App\Library\DraftStore;
use App\Models\DocumentKind;
use App\Models\Draft;
use App\Models\StoredDocument;
use App\Models\User;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Support\Str;
use Pasada\Core\Document\DocumentHasFaults;
use stdClass;

/** Opens a draft on a version at hand, or on a file that came from outside. */
final readonly class OpenDraft
{
    /** Before the name of a copy, until it is given one of its own. */
    public const COPY_OF = 'Copy of ';

    public function __construct(private ConnectionInterface $database, private DraftStore $drafts) {}

    /** A draft of the same document, or with `$asNew` of a new one made from it. */
    public function fromVersion(User $user, DocumentKind $kind, StoredDocument $base, bool $asNew): Draft
    {
        if (! $asNew) {
            return $this->open($user, $kind, $base->slug, $base, $base->document);
        }
        $slug = $this->freeSlug($user, $kind, $base->slug);
        $document = json_decode($base->document);
        assert($document instanceof stdClass);
        $document->id = $slug;
        $document->name = self::COPY_OF.$base->name;

        return $this->open($user, $kind, $slug, null, DraftDocument::text($document));
    }

    /** A draft of a vehicle of the school's own that begins as a usual one. */
    public function fromUsual(User $user, string $id, stdClass $document): Draft
    {
        $document->id = $this->freeSlug($user, DocumentKind::Vehicle, $id);

        return $this->open($user, DocumentKind::Vehicle, $document->id, null, DraftDocument::text($document));
    }

    /**
     * A draft of what a file holds: a new version of a document of that id, or a new one.
     *
     * @throws DocumentHasFaults with every fault of the file; nothing is kept then
     */
    public function fromFile(User $user, DocumentKind $kind, string $text): Draft
    {
        $slug = $kind->check($text, 'file');
        $text = str_starts_with($text, "\u{FEFF}") ? substr($text, 3) : $text;

        $versions = $kind->model()::ofSchool($user->school_id)->where('slug', $slug);
        $versions->orderByDesc('version');

        return $this->open($user, $kind, $slug, $versions->first(), $text);
    }

    private function open(User $user, DocumentKind $kind, string $slug, ?StoredDocument $base, string $document): Draft
    {
        $draft = $this->database->transaction(function () use ($user, $kind, $slug, $base, $document): Draft {
            $draft = Draft::query()->create([
                'id' => (string) Str::uuid7(),
                'school_id' => $user->school_id,
                'user_id' => $user->id,
                'kind' => $kind,
                'slug' => $slug,
                $kind->value.'_id' => $base?->id,
                'step' => 0,
            ]);
            $this->drafts->append($draft, $document);

            return $draft;
        });
        assert($draft instanceof Draft);

        return $draft;
    }

    private function freeSlug(User $user, DocumentKind $kind, string $slug): string
    {
        for ($n = 1; ; $n++) {
            $free = $slug.'-'.($n === 1 ? 'copy' : 'copy-'.$n);
            $taken =
                $kind->model()::ofSchool($user->school_id)->where('slug', $free)->exists() ||
                Draft::ofSchool($user->school_id)
                    ->where('kind', $kind)
                    ->where('slug', $free)
                    ->exists();
            if (! $taken) {
                return $free;
            }
        }
    }
}
