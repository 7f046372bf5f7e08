<?php

declare(strict_types=1);

// What is wrong with a field, and what to do, where its request has no closer words. Every rule in use stands here.
$most = 'This is longer than is taken here: :attribute may have at most :max';
$least = 'This is too short: :attribute asks for at least :min';

return [
    'required' => 'Something is missing: give :attribute.',
    'required_without' => 'Something is missing: give :attribute, or :values.',
    'present' => 'Something is missing: send :attribute; it may be empty.',
    'string' => 'Send :attribute as text.',
    'integer' => 'Send :attribute as a whole number.',
    'numeric' => 'Send :attribute as a number.',
    'boolean' => 'Send :attribute as true or false.',
    'array' => 'Send :attribute as a list or an object.',
    'list' => 'Send :attribute as a list.',
    'uuid' => 'Send :attribute as a UUID, which the page makes.',
    'date' => 'Write :attribute as a time such as 2026-11-24T15:30:00Z.',
    'date_format' => 'Write :attribute as year-month-day.',
    'after' => 'The time in :attribute lies too far back; check the clock of this device.',
    'after_or_equal' => 'The day in :attribute lies too far back.',
    'before_or_equal' => 'The time in :attribute lies in the future; check the clock of this device.',
    'between' => [
        'numeric' => 'Send :attribute from :min to :max.',
        'string' => 'Send :attribute with :min to :max letters.',
        'array' => 'Send :attribute with :min to :max entries.',
        'file' => 'Send :attribute with :min to :max kB.',
    ],
    'max' => [
        'numeric' => 'Send :attribute with at most :max.',
        'string' => $most.' letters.',
        'array' => $most.' entries.',
        'file' => $most.' kB.',
    ],
    'min' => [
        'numeric' => 'Send :attribute with at least :min.',
        'string' => $least.' letters.',
        'array' => $least.' entries.',
        'file' => $least.' kB.',
    ],
    'enum' => 'This is not one of the choices for :attribute; the description of the API lists them.',
    'in' => 'This is not one of the choices for :attribute; the description of the API lists them.',
    'exists' => 'What :attribute names is not known at this school; choose one from the list.',
];
