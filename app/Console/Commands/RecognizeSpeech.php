<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\Documents;
use App\Speech\NoSound;
use App\Speech\SoundFile;
use App\Speech\SpokenLanguage;
use Illuminate\Console\Command;
use Pasada\Core\Speech\HeardPiece;
use Pasada\Core\Speech\HeardWriter;
use Pasada\Core\Speech\Recognizer;
use Symfony\Component\Console\Output\OutputInterface;

final class RecognizeSpeech extends Command
{
    use ReadsDocuments;

    protected $signature = 'pasada:recognise {file : sound: WAV, FLAC or OGG} {--checklist=whole-walk-round : id of a '.
        'shipped checklist, or a file} {--vehicle=any : id of a shipped vehicle, or a file; "any" assumes nothing} '.
        '{--format=vtt : vtt, json or text}';

    protected $aliases = ['pasada:recognize'];

    protected $description = 'Turn the sound of a walk into words with times, on this machine alone';

    public function handle(
        Documents $documents, SpokenLanguage $language, SoundFile $files, Recognizer $recognizer,
    ): int {
        return $this->formatIs(['vtt', 'json', 'text'])
            ? $this->reportingFaults(function () use ($documents, $language, $files, $recognizer): int {
                $inspection = $this->named('vehicle') === 'any'
                    ? null
                    : $documents->inspection($this->named('checklist'), $this->named('vehicle'), '');
                $sound = null;
                try {
                    $sound = $files->forHearing(is_string($this->argument('file')) ? $this->argument('file') : '');
                    $this->output->write(
                        $this->written($recognizer->recognize($sound, $language->of($inspection))), false,
                        OutputInterface::OUTPUT_RAW,
                    );
                } catch (NoSound $why) {
                    $this->complain($why->getMessage());

                    return self::INVALID;
                } finally {
                    if ($sound !== null) {
                        @unlink($sound);
                    }
                }

                return self::SUCCESS;
            }) : self::INVALID;
    }

    /** @param  list<HeardPiece>  $pieces */
    private function written(array $pieces): string
    {
        return match ($this->named('format')) {
            'json' => $this->json(['pieces' => HeardWriter::pieces($pieces)])."\n",
            'text' => HeardWriter::text($pieces),
            default => HeardWriter::vtt($pieces),
        };
    }
}
