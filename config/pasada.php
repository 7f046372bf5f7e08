<?php

declare(strict_types=1);

use Illuminate\Support\Env;

$changed = 0;
// Every folder: kept lists hold objects of Brakes and Document as well, and what was heard is the listener's.
foreach (
    new RecursiveIteratorIterator(
        new RecursiveDirectoryIterator(dirname(__DIR__).'/core/src', FilesystemIterator::SKIP_DOTS),
    ) as $file
) {
    assert($file instanceof SplFileInfo);
    $changed = max($changed, $file->getMTime());
}
$number = static fn (string $name, int $default): int => is_numeric(Env::get($name)) ? (int) Env::get($name) : $default;

return [
    // The one version number: in the app, and in files that it writes.
    'version' => trim((string) file_get_contents(dirname(__DIR__).'/VERSION')),
    // Changes with the code that decides what a laid-out item list looks like and what is heard; see InspectionLibrary.
    'build' => (string) $changed,
    // How this server is called among several; it takes up again what it was at when it died.
    'server' => env('PASADA_SERVER', (string) gethostname()),
    // Megabytes below which a log, a recording on its way or a printed class may not find room.
    'least_free_mb' => $number('PASADA_LEAST_FREE_MB', 200),
    // What an operator's programs bring to read /metrics and the words of /ready; none for nobody.
    'operator_token' => env('PASADA_OPERATOR_TOKEN', ''),
    // Where the nightly last lines of the trail are noted; beside the files where servers share those.
    'trail_folder' => env('PASADA_FILES') ?? storage_path(),
    // Wrong sign-ins let through in a minute, for one account from one address and for one address in all.
    'sign_in_tries_per_minute' => $number('PASADA_SIGN_IN_TRIES_PER_MINUTE', 5),
    'sign_in_tries_per_minute_and_address' => $number('PASADA_SIGN_IN_TRIES_PER_MINUTE_AND_ADDRESS', 60),
    // Requests let through in a minute for one user and one address of the API: of any kind, of those that compute, and
    // of files.
    'requests_per_minute' => $number('PASADA_REQUESTS_PER_MINUTE', 600),
    'heavy_requests_per_minute' => $number('PASADA_HEAVY_REQUESTS_PER_MINUTE', 300),
    // Where Debian's pocketsphinx-en-us lies, and how long a recognizer may take for one file.
    'speech_model' => env('PASADA_SPEECH_MODEL', '/usr/share/pocketsphinx/model/en-us'),
    // A program of the school's own in place of the shipped recognizer (docs/speech.md); empty for that one.
    'recognizer_command' => env('PASADA_RECOGNIZER_COMMAND', ''),
    'recognizer_seconds' => $number('PASADA_RECOGNIZER_SECONDS', 3600),
    // Days for which the sound of a walk is kept after it.
    'sound_days' => $number('PASADA_SOUND_DAYS', 90),
    // Days after which the marks of a closed attempt are packed into one row: more than a year, so that what a class of
    // this year looks at again and again is read as it was written.
    'pack_days' => $number('PASADA_PACK_DAYS', 400),
    'files_per_minute' => $number('PASADA_FILES_PER_MINUTE', 30),
    // Tries of a password, a code or a link.
    'secrets_per_minute' => $number('PASADA_SECRETS_PER_MINUTE', 20),
    // Hours after which a session ends however much it is used.
    'longest_session_hours' => $number('PASADA_LONGEST_SESSION_HOURS', 24),
    // Addresses of proxies, with commas, whose word on where a request comes from is taken; none unless there is one in
    // front.
    'trusted_proxies' => is_string(Env::get('PASADA_TRUSTED_PROXIES')) ? Env::get('PASADA_TRUSTED_PROXIES') : '',
    // Days without an attempt after which a student is due in the yard.
    'due_after_days' => $number('PASADA_DUE_AFTER_DAYS', 10),
];
