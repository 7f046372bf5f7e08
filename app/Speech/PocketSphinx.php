<?php

declare(strict_types=1);

namespace App\Speech;

use Illuminate\Filesystem\Filesystem;
use Pasada\Core\Speech\HeardPiece;
use Pasada\Core\Speech\HeardWord;
use Pasada\Core\Speech\Loudness;
use Pasada\Core\Speech\Recognizer;
use Symfony\Component\Process\Exception\ProcessTimedOutException;
use Symfony\Component\Process\Process;

/** The recognizer of Debian's package, with its acoustic model; no network, one core. */
final readonly class PocketSphinx implements Recognizer
{
    /** Raw sound is read in pieces of a minute. */
    private const READ_BYTES = 2 * 60 * Loudness::RATE;

    private const WAV_HEAD = 44;

    private const BYTES_OF_MS = 2 * Loudness::RATE / 1000;

    /** Best of 4.5 to 10 on the voices of development (docs/speech.md); the package's own are 6.5 and 8.5. */
    private const LANGUAGE_WEIGHT = '5.5';

    private const WORD_INSERTION = '0.3';

    /** Most readings of an utterance are the same words in other sounds: more are asked for than are kept. */
    private const READINGS_ASKED = 25;

    private const ALTERNATIVES = 5;

    public function __construct(
        private Filesystem $files,
        /** Folder of the package's model for American English. */
        private string $model,
        private int $mostSeconds,
    ) {}

    public function recognize(string $sound, string $language): array
    {
        $utterances = $this->loudness($sound)->utterances();
        if ($utterances === []) {
            return [];
        }
        $folder = sys_get_temp_dir().'/pasada-hearing-'.bin2hex(random_bytes(8));
        $this->files->makeDirectory($folder);
        try {
            $this->cut($sound, $utterances, $folder);
            $this->run($folder, $language);

            return $this->read($folder, $utterances);
        } finally {
            $this->files->deleteDirectory($folder);
        }
    }

    private function loudness(string $sound): Loudness
    {
        return Loudness::of((static function () use ($sound): iterable {
            $file = fopen($sound, 'rb');
            if ($file === false || fseek($file, self::WAV_HEAD) !== 0) {
                return;
            }
            while (($piece = (string) fread($file, self::READ_BYTES)) !== '') {
                yield $piece;
            }
            fclose($file);
        })());
    }

    /** @param  list<array{int, int}>  $utterances  in milliseconds */
    private function cut(string $sound, array $utterances, string $folder): void
    {
        foreach ($utterances as $n => [$from, $to]) {
            $this->files->put("$folder/$n.raw", (string) file_get_contents(
                $sound, false, null, self::WAV_HEAD + $from * self::BYTES_OF_MS, ($to - $from) * self::BYTES_OF_MS,
            ));
        }
        $this->files->put("$folder/utterances", implode("\n", array_keys($utterances))."\n");
    }

    private function run(string $folder, string $language): void
    {
        $process = new Process([
            'pocketsphinx_batch', '-adcin', 'yes', '-cepdir', $folder, '-cepext', '.raw',
            '-ctl', "$folder/utterances", '-ctm', "$folder/words", '-nbestdir', $folder, '-nbest',
            (string) self::READINGS_ASKED, '-hmm', "$this->model/en-us", '-lm', "$language.lm", '-dict',
            "$language.dict", '-lw', self::LANGUAGE_WEIGHT, '-fwdflatlw', self::LANGUAGE_WEIGHT, '-wip',
            self::WORD_INSERTION, '-logfn', '/dev/null',
        ], timeout: $this->mostSeconds);
        try {
            $code = $process->run();
        } catch (ProcessTimedOutException) {
            throw NoSound::failed("no answer within $this->mostSeconds s");
        }
        if ($code !== 0 || ! $this->files->exists("$folder/words")) {
            throw NoSound::failed("exit code $code");
        }
    }

    /**
     * A line for each word: utterance, channel, start and length in seconds, word, how sure.
     *
     * @param  list<array{int, int}>  $utterances
     * @return list<HeardPiece>
     */
    private function read(string $folder, array $utterances): array
    {
        $words = [];
        foreach (explode("\n", $this->files->get("$folder/words")) as $line) {
            if (preg_match('/^(\d+) \S+ ([\d.]+) ([\d.]+) ([^\s<\[+]\S*) ([\d.]+)$/', $line, $is) === 1) {
                $from = $utterances[(int) $is[1]][0] + (int) round(1000 * (float) $is[2]);
                $words[(int) $is[1]][] = new HeardWord(
                    (string) preg_replace('/\(\d+\)$/', '', $is[4]), $from,
                    $from + (int) round(1000 * (float) $is[3]), min(1.0, (float) $is[5]),
                );
            }
        }
        $pieces = [];
        foreach ($words as $n => $of) {
            $pieces[] = new HeardPiece($of, $this->alternatives("$folder/$n.hyp", (new HeardPiece($of))->text()));
        }

        return $pieces;
    }

    /** @return list<string> other readings, the likeliest first */
    private function alternatives(string $file, string $said): array
    {
        $readings = [];
        foreach ($this->files->exists($file) ? $this->files->lines($file) : [] as $line) {
            $reading = (string) preg_replace('/ -?\d+$/', '', trim((string) $line));
            if ($reading !== '' && $reading !== $said) {
                $readings[$reading] = true;
            }
        }

        return array_slice(array_map(strval(...), array_keys($readings)), 0, self::ALTERNATIVES);
    }
}
