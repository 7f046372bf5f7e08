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
            /** @var array{heard: list<array{component: string, axle: ?string, points: list<string>}>} $truth */
            $truth = json_decode((string) file_get_contents($file), true);
            $said = [];
            foreach ($truth['heard'] as $one) {
                $said[$one['component'].'@'.$one['axle']] = $one['points'];
            }
            $captions = (string) file_get_contents(str_replace('.json', '.vtt', $file));
            $walks[basename($file, '.json')] = [$said, (new TranscriptReader())->read($captions, 'walk.vtt')];
        }

        return $walks;
    }
}
