<?php

declare(strict_types=1);

namespace App\Trail;

use App\Models\Attempt;
use App\Models\School;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Str;

/** Keeps what is made, changed and removed of the models that the TrailProvider names, with before and after. */
final readonly class TrailObserver
{
    /** Nobody's business in a trail, or without a meaning. */
    private const LEFT_OUT = [
        'updated_at', 'created_at', 'calendar_secret', 'two_factor_secret', 'recovery_codes',
        'password', 'two_factor_step', 'signing_code_digest', 'signing_code_until',
    ];

    /** Told as a digest: they are long, or secret. */
    private const AS_DIGEST = ['document', 'strokes'];

    public function __construct(private Trail $trail) {}

    public function created(Model $model): void
    {
        $this->keep($model, Did::Created, null, $model->getAttributes());
    }

    public function updated(Model $model): void
    {
        $after = array_diff_key($model->getChanges(), array_flip(self::LEFT_OUT));
        if ($after !== []) {
            $this->keep($model, Did::Changed, array_intersect_key($model->getPrevious(), $after), $after);
        }
    }

    public function deleted(Model $model): void
    {
        $this->keep($model, Did::Removed, $model->getAttributes(), null);
    }

    /**
     * @param  array<string, mixed>|null  $before
     * @param  array<string, mixed>|null  $after
     */
    private function keep(Model $model, Did $did, ?array $before, ?array $after): void
    {
        $key = $model->getKey();
        $this->trail->keep(
            $this->chain($model), $did, self::kind($model), is_int($key) || is_string($key) ? $key : '',
            self::told($before), self::told($after),
        );
    }

    private function chain(Model $model): int
    {
        $school = $model instanceof School ? $model->getKey() : $model->getAttribute('school_id');
        if ($school === null) {
            $attempt = Attempt::query()->find($model->getAttribute('attempt_id'));
            $school = $attempt instanceof Attempt ? $attempt->school_id : null;
        }

        return is_int($school) ? $school : Trail::INSTALLATION;
    }

    /** "StoredChecklist" is a checklist, "ExamResult" an exam result. */
    public static function kind(Model $model): string
    {
        return str_replace('stored ', '', Str::lower(Str::headline(class_basename($model))));
    }

    /**
     * @param  array<string, mixed>|null  $values
     * @return array<string, mixed>|null
     */
    private static function told(?array $values): ?array
    {
        if ($values === null) {
            return null;
        }
        $told = [];
        foreach (array_diff_key($values, array_flip(self::LEFT_OUT)) as $name => $value) {
            $told[$name] = in_array($name, self::AS_DIGEST, true) && is_string($value)
                ? 'sha256:'.hash('sha256', $value)
                : $value;
        }

        return $told;
    }
}
