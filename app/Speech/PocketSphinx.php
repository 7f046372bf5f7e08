<?php

declare(strict_types=1);

namespace App\Speech;

use Illuminate\Filesystem\Filesystem;
use Pasada\Core\Speech\HeardPiece;
use Pasada\Core\Speech\HeardWord;
use Pasada\Core\Speech\Recognizer;
use Symfony\Component\Process\Process;

/** The recognizer of Debian's package, with its acoustic model; no network, one core. */
final readonly class PocketSphinx implements Recognizer
{
    /** Best of 4.5 to 10 on the voices of development (docs/speech.md); the package's own are 6.5 and 8.5. */
    private const LANGUAGE_WEIGHT = '5.5';

    private const WORD_INSERTION = '0.3';

    /** Most readings of an utterance are the same words in other sounds: more are asked for than are kept. */
    private const READINGS_ASKED = 25;

    private const ALTERNATIVES = 5;

    /** Of the loudest that can be: 66 dB below it. */
    private const ROOM = '0.0005';

    /** Between sentences people pause longer than between words. */
    private const PAUSE_MS = 150;

    public function __construct(
        private Filesystem $files,
        /** Folder of the package's model for American English. */
        private string $model,
        private int $mostSeconds,
    ) {}

    public function recognize(string $sound, string $language): array
    {
        $utterances = WaveFile::loudness($sound)->utterances();
        if ($utterances === []) {
            return [];
        }
        $folder = sys_get_temp_dir().'/pasada-hearing-'.bin2hex(random_bytes(8));
        $this->files->makeDirectory($folder);
        try {
            $this->cut($this->withNoise($sound, $folder), $utterances, $folder);
            $this->run($folder, $language);

            return $this->read($folder, $utterances);
        } finally {
            $this->files->deleteDirectory($folder);
        }
    }

    /**
     * Its acoustic model was learnt from microphones, which are never as still as made-up or cleaned sound is: where
     * there is nothing at all, its features break (of one synthetic voice half the words went wrong, with it a
     * quarter). The noise of a very quiet room changes nothing of a recording that has its own.
     */
    private function withNoise(string $sound, string $folder): string
    {
        $noise = sprintf('|sox %s -p synth whitenoise vol %s', escapeshellarg($sound), self::ROOM);
        $made = "$folder/with-noise.wav";

        return (new Process(['sox', '-m', '-v', '1', $sound, '-v', '1', $noise, '-b', '16', $made]))->run() === 0
            ? $made
            : $sound;
    }

    /** @param  list<array{int, int}>  $utterances  in milliseconds */
    private function cut(string $sound, array $utterances, string $folder): void
    {
        foreach ($utterances as $n => [$from, $to]) {
            $this->files->put("$folder/$n.raw", WaveFile::part($sound, $from, $to));
        }
        $this->files->put("$folder/utterances", implode("\n", array_keys($utterances))."\n");
    }

    private function run(string $folder, string $language): void
    {
        Program::run(new Process([
            'pocketsphinx_batch', '-adcin', 'yes', '-cepdir', $folder, '-cepext', '.raw',
            '-ctl', "$folder/utterances", '-ctm', "$folder/words", '-nbestdir', $folder, '-nbest',
            (string) self::READINGS_ASKED, '-hmm', "$this->model/en-us", '-lm', "$language.lm", '-dict',
            "$language.dict", '-lw', self::LANGUAGE_WEIGHT, '-fwdflatlw', self::LANGUAGE_WEIGHT, '-wip',
            self::WORD_INSERTION, '-logfn', '/dev/null',
        ], timeout: $this->mostSeconds));
        if (! $this->files->exists("$folder/words")) {
            throw NoSound::failed('it wrote no words');
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
            $parts = self::sentences($of);
            // Other readings are of the whole utterance.
            array_push($pieces, ...(count($parts) > 1 ? $parts : [
                new HeardPiece($of, $this->alternatives("$folder/$n.hyp", $parts[0]->text())),
            ]));
        }

        return $pieces;
    }

    /**
     * @param  non-empty-list<HeardWord>  $words
     * @return non-empty-list<HeardPiece>
     */
    private static function sentences(array $words): array
    {
        $pieces = [];
        $of = [];
        foreach ($words as $n => $word) {
            if ($of !== [] && $word->fromMs - $words[$n - 1]->toMs >= self::PAUSE_MS) {
                $pieces[] = new HeardPiece($of);
                $of = [];
            }
            $of[] = $word;
        }

        return [...$pieces, new HeardPiece($of)];
    }

    /** @return list<string> other readings, the likeliest first */
    private function alternatives(string $file, string $said): array
    {
        $readings = [];
        foreach ($this->files->exists($file) ? $this->files->lines($file) : [] as $line) {
            $reading = (string) preg_replace('/ -?\d+$/', '', trim(is_string($line) ? $line : ''));
            if ($reading !== '' && $reading !== $said) {
                $readings[$reading] = true;
            }
        }

        return array_slice(array_map(strval(...), array_keys($readings)), 0, self::ALTERNATIVES);
    }
}
