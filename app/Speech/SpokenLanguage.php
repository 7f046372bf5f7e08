<?php

declare(strict_types=1);

namespace App\Speech;

use App\Library\ListeningLibrary;
use Illuminate\Filesystem\Filesystem;
use Pasada\Core\Coaching\Coach;
use Pasada\Core\Inspection\Inspection;
use Pasada\Core\Speech\NgramModel;
use Pasada\Core\Speech\Pronunciations;
use Pasada\Core\Speech\TalkSentences;

/**
 * What may be said in a walk, as recognizers read it: made once for each checklist and vehicle, and kept by the digest
 * of all that it is made of.
 */
final readonly class SpokenLanguage
{
    /** There is nothing in them that is not in the checklist. */
    private const FOR_ALL = 0o644;

    public function __construct(
        private Filesystem $files, private ListeningLibrary $library, private Coach $coach,
        /** Where they are kept; they may vanish. */
        private string $kept,
        /** File of talk beside a walk, and the recognizer's own dictionary. */
        private string $talk, private string $dictionary,
        /** Digest of the code and the data that make them. */
        private string $build,
    ) {}

    /** @return string path of a language model (.lm, ARPA) and of the dictionary of its words (.dict) */
    public function of(?Inspection $inspection): string
    {
        $name = $this->kept.'/'.hash('xxh128', serialize([$this->build, $inspection]));
        // Another account of this machine may have made them: what cannot be read is made anew.
        if (! $this->files->isReadable("$name.dict") || ! $this->files->isReadable("$name.lm")) {
            $sentences = new TalkSentences(
                $this->library->lexicon(), $this->coach, TalkSentences::read($this->files->get($this->talk)),
            );
            $model = NgramModel::of($sentences->of($inspection));
            $this->files->ensureDirectoryExists($this->kept);
            $this->files->replace("$name.lm", $model->arpa(), self::FOR_ALL);
            $this->files->replace("$name.dict", Pronunciations::read(
                $this->files->lines($this->dictionary),
            )->dictionary($model->vocabulary()), self::FOR_ALL);
        }

        return $name;
    }
}
