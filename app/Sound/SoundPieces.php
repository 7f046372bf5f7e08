<?php

declare(strict_types=1);

namespace App\Sound;

use App\Models\Sound\WalkSound;
use Illuminate\Database\ConnectionInterface;

/** The pieces of a recording, in their order: how many bytes each has, and where it lies. */
final readonly class SoundPieces
{
    /** Of a piece of sound at rest: what a player asks for at once. */
    private const BYTES = 262_144;

    /** Where the positions of what is laid out anew begin: beyond any that a device counts to. */
    private const LAID_OUT = 1_000_000;

    public function __construct(private ConnectionInterface $database, private SoundStore $store) {}

    /** @return string|null digest of a piece that came; null if it did not */
    public function digest(WalkSound $sound, int $position): ?string
    {
        $digest = $this->database->table('sound_pieces')
            ->where(['sound_id' => $sound->id, 'position' => $position])->value('digest');

        return is_string($digest) ? $digest : null;
    }

    /** How many came, without a gap from the first. */
    public function count(WalkSound $sound): int
    {
        return $this->database->table('sound_pieces')->where('sound_id', $sound->id)->count();
    }

    public function add(WalkSound $sound, int $position, string $bytes): void
    {
        $this->store->put($sound->folder()."/$position", $bytes);
        $this->database->table('sound_pieces')->insert([
            'sound_id' => $sound->id, 'position' => $position, 'bytes' => strlen($bytes),
            'digest' => hash('sha256', $bytes),
        ]);
    }

    /**
     * Puts a file in place of what came: the same sound, laid out so that it can be played from any second. What came
     * is not written over: whoever dies in between, and takes the rows back, finds it as it was.
     *
     * @return list<int> what no row names any more, to be dropped once this is kept for good
     */
    public function replace(WalkSound $sound, string $file): array
    {
        $old = array_filter(array_keys($this->sizes($sound)), static fn (int $at): bool => $at < self::LAID_OUT);
        $this->database->table('sound_pieces')->where('sound_id', $sound->id)->delete();
        $size = (int) filesize($file);
        for ($n = 0; $n * self::BYTES < $size; $n++) {
            $this->add(
                $sound, self::LAID_OUT + $n,
                (string) file_get_contents($file, false, null, $n * self::BYTES, self::BYTES),
            );
        }

        return array_values($old);
    }

    /** @param  list<int>  $positions */
    public function drop(WalkSound $sound, array $positions): void
    {
        foreach ($positions as $position) {
            $this->store->forget($sound->folder()."/$position");
        }
    }

    public function bytes(WalkSound $sound): int
    {
        return array_sum($this->sizes($sound));
    }

    /**
     * @param  int  $from  first byte
     * @param  int  $to  last byte
     * @return iterable<string>
     */
    public function read(WalkSound $sound, int $from, int $to): iterable
    {
        $at = 0;
        foreach ($this->sizes($sound) as $position => $bytes) {
            if ($at + $bytes > $from && $at <= $to) {
                yield substr(
                    $this->store->read($sound->folder()."/$position"), max(0, $from - $at),
                    min($bytes, $to - $at + 1) - max(0, $from - $at),
                );
            }
            $at += $bytes;
        }
    }

    /** @return array<int, int> bytes by position, in order */
    private function sizes(WalkSound $sound): array
    {
        /** @var array<int, int> $sizes */
        $sizes = $this->database->table('sound_pieces')->where('sound_id', $sound->id)->orderBy('position')
            ->pluck('bytes', 'position')->all();

        return $sizes;
    }

    public function forget(WalkSound $sound): void
    {
        $this->database->table('sound_pieces')->where('sound_id', $sound->id)->delete();
        $this->store->forgetAll($sound->folder());
    }
}
