<?php

declare(strict_types=1);

namespace Pasada\Core\Roster;

/** What a column of a list of students holds. */
enum RosterColumn: string
{
    case Name = 'name';
    case FirstName = 'first_name';
    case LastName = 'last_name';
    case Number = 'number';
    case ClassName = 'class';
    case ExamOn = 'exam_on';
    case Result = 'result';
    case ResultOn = 'result_on';
    case Nothing = 'nothing';

    public function label(): string
    {
        return match ($this) {
            self::Name => 'name',
            self::FirstName => 'first name',
            self::LastName => 'last name',
            self::Number => 'number of the school',
            self::ClassName => 'class',
            self::ExamOn => 'day of the exam',
            self::Result => 'passed an earlier exam or not',
            self::ResultOn => 'day of that exam',
            self::Nothing => 'nothing of use here',
        };
    }

    /** As its heading tells; what is not known is left out, for a list often holds what nobody here needs. */
    public static function guess(string $heading): self
    {
        $words = mb_strtolower(trim($heading));

        return match (true) {
            preg_match('/birth|born|dob|licen|address|phone|mail/u', $words) === 1 => self::Nothing,
            preg_match('/first|given/u', $words) === 1 => self::FirstName,
            preg_match('/last|family|surname/u', $words) === 1 => self::LastName,
            preg_match('/result|outcome|pass/u', $words) === 1 => self::Result,
            preg_match('/\b(held|taken)\b/u', $words) === 1 => self::ResultOn,
            preg_match('/\bexam|\btest/u', $words) === 1 => self::ExamOn,
            preg_match('/class|course|group|cohort/u', $words) === 1 => self::ClassName,
            preg_match('/\b(id|no|nr|number)\b|#/u', $words) === 1 => self::Number,
            preg_match('/name|student/u', $words) === 1 => self::Name,
            default => self::Nothing,
        };
    }
}
