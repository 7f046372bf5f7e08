<?php

declare(strict_types=1);

namespace Pasada\Core\Tests\Listening\Speech;

use Pasada\Core\Language\Transcript;
use Pasada\Core\Language\TranscriptReader;

/** The invented walks that are as hard as people, with what was said in them. */
final readonly class People
{
    private const FOLDER = __DIR__.'/../People/';

    /** Looked at closely by nobody; reported as totals. */
    public const APART = 'apart/';

    /** Seconds by which a note may be late. */
    private const EARLY = 2.0;

    /**
     * @param  string  $in  '' for the twelve of development, or those that are apart
     * @return array<string, array{array<string, list<string>>, Transcript}> by name: point codes by component@axle, and
     *   the words
     */
    public static function walks(string $in = ''): array
    {
        $files = glob(self::FOLDER.$in.'*.json');
        $walks = [];
        foreach ($files === false ? [] : $files as $file) {
            $said = [];
            foreach (self::heard($file) as $one) {
                $said[$one['component'].'@'.$one['axle']] = $one['points'];
            }
            $captions = (string) file_get_contents(str_replace('.json', '.vtt', $file));
            $walks[basename($file, '.json')] = [$said, (new TranscriptReader())->read($captions, 'walk.vtt')];
        }

        return $walks;
    }

    /**
     * From when on what was said, as Told::at() takes it: the notes tell the second at which a part is first spoken of.
     *
     * @return array<string, list<array{float, float, string, list<string>}>> by name
     */
    public static function said(): array
    {
        $files = glob(self::FOLDER.'*.json');
        $said = [];
        foreach ($files === false ? [] : $files as $file) {
            foreach (self::heard($file) as $one) {
                $said[basename($file, '.json')][] = [
                    $one['t'] - self::EARLY, INF, $one['component'].'@'.$one['axle'], $one['points'],
                ];
            }
        }

        return $said;
    }

    /** @return list<array{t: float, component: string, axle: ?string, points: list<string>}> */
    private static function heard(string $file): array
    {
        /** @var array{heard: list<array{t: float, component: string, axle: ?string, points: list<string>}>} $truth */
        $truth = json_decode((string) file_get_contents($file), true);

        return $truth['heard'];
    }
}
