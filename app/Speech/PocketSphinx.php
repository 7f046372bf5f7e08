<?php

declare(strict_types=1);

namespace App\Speech;

use Illuminate\Filesystem\Filesystem;
use Pasada\Core\Speech\HeardPiece;
use Pasada\Core\Speech\HeardWord;
use Pasada\Core\Speech\NgramModel;
use Pasada\Core\Speech\Pronunciations;
use Pasada\Core\Speech\Recognizer;
use Symfony\Component\Process\Exception\ProcessTimedOutException;
use Symfony\Component\Process\Process;

/** The recognizer of Debian's package, with its acoustic model; no network. */
final readonly class PocketSphinx implements Recognizer
{
    /** Sounds that are no words: silence, breath, noise. */
    private const NO_WORD = '/^(<.*>|\[.*\]|\+\+.*\+\+)$/';

    private const SILENCE = '<sil>';

    /** Between sentences people pause longer than between words. */
    private const PAUSE_SECONDS = 0.2;

    public function __construct(
        private Filesystem $files,
        /** Folder of the package's model for American English. */
        private string $model,
        /** Where language models and dictionaries are kept, by their digest. */
        private string $kept,
        private int $mostSeconds,
    ) {}

    public function recognize(string $sound, NgramModel $model): array
    {
        [$language, $dictionary] = $this->written($model);
        $process = new Process([
            'pocketsphinx_continuous', '-infile', $sound, '-time', 'yes', '-hmm', "$this->model/en-us",
            '-lm', $language, '-dict', $dictionary, '-logfn', '/dev/null',
        ], timeout: $this->mostSeconds);
        try {
            $code = $process->run();
        } catch (ProcessTimedOutException) {
            throw NoSound::failed("no answer within $this->mostSeconds s");
        }
        if ($code !== 0) {
            throw NoSound::failed("exit code $code");
        }

        return self::read($process->getOutput());
    }

    /**
     * A line of words, and below it one for each with its times in seconds and how sure it is; then the next.
     *
     * @return list<HeardPiece>
     */
    public static function read(string $output): array
    {
        $pieces = $words = [];
        foreach (explode("\n", $output) as $line) {
            if (preg_match('/^(\S+) (\d+\.\d+) (\d+\.\d+) (\d+\.\d+)$/', trim($line), $is) !== 1) {
                if ($words !== []) {
                    $pieces[] = new HeardPiece($words);
                }
                $words = [];

                continue;
            }
            $isPause = $is[1] === self::SILENCE && (float) $is[3] - (float) $is[2] >= self::PAUSE_SECONDS;
            if ($isPause && $words !== []) {
                $pieces[] = new HeardPiece($words);
                $words = [];
            }
            if (preg_match(self::NO_WORD, $is[1]) !== 1) {
                $words[] = new HeardWord(
                    (string) preg_replace('/\(\d+\)$/', '', $is[1]), (int) round(1000 * (float) $is[2]),
                    (int) round(1000 * (float) $is[3]), min(1.0, (float) $is[4]),
                );
            }
        }

        return $words === [] ? $pieces : [...$pieces, new HeardPiece($words)];
    }

    /** @return array{string, string} paths of the language model and of the dictionary of its words */
    private function written(NgramModel $model): array
    {
        $arpa = $model->arpa();
        $name = $this->kept.'/'.hash('xxh128', $arpa);
        if (! $this->files->exists("$name.dict")) {
            $this->files->ensureDirectoryExists($this->kept);
            $this->files->replace("$name.lm", $arpa);
            $this->files->replace("$name.dict", Pronunciations::read(
                $this->files->lines("$this->model/cmudict-en-us.dict"),
            )->dictionary($model->vocabulary()));
        }

        return ["$name.lm", "$name.dict"];
    }
}
