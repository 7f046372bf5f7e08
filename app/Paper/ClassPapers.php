<?php

declare(strict_types=1);

namespace App\Paper;

use App\Exceptions\IdIsTaken;
use App\Files\ZipFile;
use App\Models\Paper\PaperBundle;
use App\Models\Paper\PaperSize;
use App\Models\School;
use App\Models\SchoolClass;
use App\Models\Student;
use App\Models\User;
use Illuminate\Contracts\Filesystem\Filesystem;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Carbon;
use Throwable;
use ZipArchive;

/** Prints the register of a class and the training record of everybody in it, while whoever asked goes on. */
final readonly class ClassPapers
{
    public function __construct(private RecordPaper $paper, private ZipFile $zip, private Filesystem $disk) {}

    /**
     * Sent twice, it is asked once.
     *
     * @throws IdIsTaken if the id stands for another one
     */
    public function ask(string $id, User $by, SchoolClass $class, PaperSize $size, Carbon $now): PaperBundle
    {
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
        $path = '';
        try {
            $path = $this->zip->write(fn (ZipArchive $zip) => $this->fill($zip, $bundle));
            $this->disk->put($bundle->path(), (string) file_get_contents($path));
            $bundle->update(['ready_at' => Carbon::now()]);
        } catch (Throwable $why) {
            report($why);
            $bundle->update(['failed_at' => Carbon::now()]);
        } finally {
            @unlink($path);
        }
    }

    private function fill(ZipArchive $zip, PaperBundle $bundle): void
    {
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
    }

    /** Names and results lie in them: every hour what is older than a day goes. */
    public function forgetOld(Carbon $now): void
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
