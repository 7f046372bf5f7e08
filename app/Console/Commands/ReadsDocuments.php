<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Illuminate\Console\Command;
use Pasada\Core\CoreException;
use Pasada\Core\Document\DocumentHasFaults;
use Symfony\Component\Console\Output\OutputInterface;

/**
 * For commands that work on documents from outside: faults go to standard error, one a line, and the exit code is 2.
 *
 * @mixin Command
 */
trait ReadsDocuments
{
    /** @param  callable(): int  $work */
    private function reportingFaults(callable $work): int
    {
        try {
            return $work();
        } catch (DocumentHasFaults $faults) {
            foreach ($faults->faults as $fault) {
                $this->complain($faults->document.': '.$fault);
            }
        } catch (CoreException $error) {
            $this->complain($error->getMessage());
        }

        return self::INVALID;
    }

    private function complain(string $line): void
    {
        $this->output->getErrorStyle()->writeln($line, OutputInterface::OUTPUT_RAW);
    }

    private function named(string $option): string
    {
        $value = $this->option($option);

        return is_string($value) ? $value : '';
    }

    /** @param  list<string>  $known */
    private function formatIs(array $known): bool
    {
        if (in_array($this->named('format'), $known, true)) {
            return true;
        }
        $this->complain(
            sprintf('--format: "%s" is not known; it may be %s', $this->named('format'), implode(' or ', $known)),
        );

        return false;
    }

    private function json(mixed $value): string
    {
        return json_encode(
            $value,
            JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR,
        );
    }
}
