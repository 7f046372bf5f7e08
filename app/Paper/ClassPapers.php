<?php

declare(strict_types=1);

namespace App\Paper;

use App\Exceptions\IdIsTaken;
use App\Models\PaperBundle;
use App\Models\School;
use App\Models\SchoolClass;
use App\Models\Student;
use App\Models\User;
use Illuminate\Contracts\Filesystem\Filesystem;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Carbon;
use RuntimeException;
use Throwable;
use ZipArchive;

/** Prints the register of a class and the training record of everybody in it, while whoever asked goes on. */
final readonly class ClassPapers
{
    public function __construct(private RecordPaper $paper, private Filesystem $disk) {}

    /**
     * Sent twice, it is asked once.
     *
     * @throws IdIsTaken if the id stands for another one
     */
    public function ask(string $id, User $by, SchoolClass $class, PaperSize $size, Carbon $now): PaperBundle
    {
        $this->forgetOld($now);
        $bundle = PaperBundle::query()->firstOrCreate(['id' => $id], [
            'school_id' => $class->school_id, 'class_id' => $class->id, 'asked_by' => $by->id, 'size' => $size,
            'all' => self::students($class->id)->count(), 'asked_at' => $now,
        ]);

        return $bundle->class_id === $class->id ? $bundle : throw IdIsTaken::byPapers($id);
    }

    /** Printed or gone meanwhile, it is left. */
    public function print(PaperBundle $bundle): void
    {
        if (PaperBundle::query()->whereKey($bundle->id)->where('ready_at', null)->doesntExist()) {
            return;
        }
        $path = tempnam(sys_get_temp_dir(), 'pasada-papers-');
        try {
            if ($path === false) {
                throw new RuntimeException('Nothing can be written into the folder for temporary files.');
            }
            $this->write($bundle, $path);
            $this->disk->put($bundle->path(), (string) file_get_contents($path));
            $bundle->update(['ready_at' => Carbon::now()]);
        } catch (Throwable $why) {
            report($why);
            $bundle->update(['failed_at' => Carbon::now()]);
        } finally {
            @unlink((string) $path);
        }
    }

    private function write(PaperBundle $bundle, string $path): void
    {
        $zip = new ZipArchive;
        if ($zip->open($path, ZipArchive::OVERWRITE) !== true) {
            throw new RuntimeException('No archive can be written into the folder for temporary files.');
        }
        $now = Carbon::now();
        $school = School::query()->findOrFail($bundle->school_id);
        $zip->addFromString('register.pdf', $this->paper->ofClass($school, $bundle->schoolClass, $bundle->size, $now));
        $students = self::students($bundle->class_id)->with('schoolClass')->get()->sortBy('name')->values();
        foreach ($students as $n => $one) {
            $zip->addFromString(
                sprintf('%03d %s.pdf', $n + 1, preg_replace('/[^\p{L}\p{N} .-]/u', '', $one->name)),
                $this->paper->ofStudent($school, $one, $bundle->size, $now),
            );
            $bundle->update(['done' => $n + 1]);
        }
        if (! $zip->close()) {
            throw new RuntimeException('The archive could not be closed; is the disk full?');
        }
    }

    private function forgetOld(Carbon $now): void
    {
        $old = PaperBundle::query()
            ->where('asked_at', '<', $now->copy()->subHours(PaperBundle::KEPT_HOURS))
            ->get();
        foreach ($old as $one) {
            $this->disk->delete($one->path());
            $one->delete();
        }
    }

    /** @return Builder<Student> */
    private static function students(int $classId): Builder
    {
        return Student::query()->where('class_id', $classId)->where('merged_into', null);
    }
}
