<?php

declare(strict_types=1);

namespace App\Http\Requests\People;

use App\Models\Student;
use Illuminate\Http\Request;

/**
 * About the student that the address names.
 *
 * @mixin Request
 */
trait OfStudent
{
    public function student(): Student
    {
        $student = $this->route('student');
        assert($student instanceof Student);

        return $student;
    }
}
