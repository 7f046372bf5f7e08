<?php

declare(strict_types=1);

namespace App\Speech;

use Symfony\Component\Process\Exception\ProcessSignaledException;
use Symfony\Component\Process\Exception\ProcessTimedOutException;
use Symfony\Component\Process\Process;

/** A recognizer that runs as a program of its own: it may hang, die or be killed. */
final readonly class Program
{
    /**
     * @return string what it printed
     *
     * @throws NoSound if it did not end well, and how
     */
    public static function run(Process $program): string
    {
        try {
            $code = $program->run();
        } catch (ProcessTimedOutException) {
            throw NoSound::failed(sprintf('no answer within %d s', $program->getTimeout()));
        } catch (ProcessSignaledException $ended) {
            throw NoSound::failed(sprintf('it was ended by signal %d', $ended->getSignal()));
        }

        return $code === 0 ? $program->getOutput() : throw NoSound::failed("exit code $code");
    }
}
