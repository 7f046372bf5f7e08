<?php

declare(strict_types=1);

namespace App\Console;

use Pasada\Core\Attempt\Marks\MarkList;
use Pasada\Core\Attempt\Marks\MarkReader;
use Pasada\Core\Checklist\Checklist;
use Pasada\Core\Checklist\Reading\ChecklistReader;
use Pasada\Core\Document\DocumentHasFaults;
use Pasada\Core\Document\Fault;
use Pasada\Core\Inspection\Inspection;
use Pasada\Core\Inspection\NothingToInspect;
use Pasada\Core\Language\Transcript;
use Pasada\Core\Language\TranscriptReader;
use Pasada\Core\Vehicle\Vehicle;
use Pasada\Core\Vehicle\VehicleReader;

/** What the command line names: a shipped document by its id, or any by its file. */
final readonly class Documents
{
    /** A walk of hours is a tenth of it; a file beyond is not one of ours. */
    private const LARGEST_BYTES = 20 * 1024 * 1024;

    public function __construct(private string $folder) {}

    /**
     * What the named checklist asks of the named vehicle under a form; all of it where none is named.
     *
     * @throws DocumentHasFaults
     * @throws NothingToInspect
     */
    public function inspection(string $checklist, string $vehicle, string $form): Inspection
    {
        $read = $this->checklist($checklist);
        if ($form !== '' && $read->form($form) === null) {
            $known = array_keys($read->forms->forms);

            throw DocumentHasFaults::in('--form', [
                Fault::at(
                    '',
                    sprintf(
                        '"%s" is no form of this checklist; it has %s',
                        $form,
                        $known === [] ? 'none' : implode(', ', $known),
                    ),
                ),
            ]);
        }

        return Inspection::of($read, $this->vehicle($vehicle), $form === '' ? null : $read->form($form));
    }

    /** @throws DocumentHasFaults */
    public function checklist(string $named): Checklist
    {
        return (new ChecklistReader)->read($this->text($named, 'checklists', '--checklist'), $named);
    }

    /** @throws DocumentHasFaults */
    public function vehicle(string $named): Vehicle
    {
        return (new VehicleReader)->read($this->text($named, 'vehicles', '--vehicle'), $named);
    }

    /**
     * `{"marks": [...]}` or the bare list, in any order.
     *
     * @throws DocumentHasFaults
     */
    public function marks(string $file, Inspection $inspection): MarkList
    {
        $text = $this->text($file, null, '--marks');
        $text = str_starts_with($text, "\u{FEFF}") ? substr($text, 3) : $text;
        $read = json_decode($text, true);
        if (! is_array($read)) {
            throw DocumentHasFaults::in($file, [
                Fault::at(
                    '',
                    'this is not JSON ('.json_last_error_msg().'); check for a missing comma, quote or bracket',
                ),
            ]);
        }
        $document = array_is_list($read) ? ['marks' => $read] : $read;
        if (($document['marks'] ?? null) === []) {
            // Nothing was said: a sheet in which everything is missed or still to come.
            return MarkList::of();
        }

        return MarkList::of(...(new MarkReader($inspection))->read($document, null, static fn (): bool => false));
    }

    /** @throws DocumentHasFaults if there is no such file */
    public function events(string $file, string $option = '--events'): string
    {
        return $this->text($file, null, $option);
    }

    /** @throws DocumentHasFaults if it is no caption file */
    public function transcript(string $file): Transcript
    {
        return (new TranscriptReader)->read($this->text($file, null, 'FILE'), basename($file));
    }

    private function text(string $named, ?string $shippedIn, string $option): string
    {
        if ($named === '') {
            throw DocumentHasFaults::in($option, [
                Fault::at('', 'is missing; give '.($shippedIn === null ? 'a file' : 'an id or a file')),
            ]);
        }
        $shipped = $shippedIn === null ? null : $this->folder.'/'.$shippedIn.'/'.basename($named).'.json';
        $file = $shipped !== null && is_file($shipped) && ! str_contains($named, '/') ? $shipped : $named;
        if (! is_file($file) || ! is_readable($file)) {
            throw DocumentHasFaults::in($option, [Fault::at('', $shippedIn === null
                ? sprintf('"%s" is no file that can be read', $named)
                : sprintf('"%s" is neither a file that can be read nor the id of one in %s/', $named, $shippedIn))]);
        }
        if (filesize($file) > self::LARGEST_BYTES) {
            throw DocumentHasFaults::in($option, [
                Fault::at('', sprintf('"%s" is larger than %d MB', $named, self::LARGEST_BYTES >> 20)),
            ]);
        }

        return (string) file_get_contents($file);
    }
}
