<?php

declare(strict_types=1);

namespace Pasada\Bench\Mutation;

use Pest\Mutate\Mutation;
use RuntimeException;

/** Puts one fault after the other into a forked process each, as many at once as the machine has cores. */
final class Run
{
    /** Seconds after which tests are taken for endless: so many, and more for each test that reaches the fault. */
    private const PATIENCE_S = 10;

    private const PATIENCE_A_TEST_S = 0.1;

    private const PATIENCE_PROPERTIES_S = 120;

    /** @var array<int, array{Mutation, bool}> by process: the mutant, and whether the properties are tried */
    private array $going = [];

    public function __construct(
        private readonly string $root,
        private readonly Covering $covering,
        private readonly Verdicts $verdicts,
        private readonly int $until,
    ) {}

    /** @param  list<Mutation>  $mutants */
    public function over(array $mutants): void
    {
        $open = $this->verdictless($mutants);
        if ($open !== []) {
            $this->mustPassUntouched($open[0]);
        }
        $this->pass($open, false);
        $this->pass($this->verdictless($mutants), true);
    }

    /**
     * @param  list<Mutation>  $mutants
     * @return list<Mutation>
     */
    private function verdictless(array $mutants): array
    {
        return array_values(array_filter(
            $mutants,
            fn (Mutation $one): bool => in_array($this->verdicts->of($one), [null, How::PastExamples], true),
        ));
    }

    /** @param  list<Mutation>  $mutants */
    private function pass(array $mutants, bool $properties): void
    {
        $lanes = max(1, (int) shell_exec('nproc'));
        foreach ($mutants as $number => $mutant) {
            if (time() >= $this->until) {
                break;
            }
            if (! $properties && $this->verdicts->of($mutant) !== null) {
                continue;
            }
            while (count($this->going) >= $lanes) {
                $this->waitForOne();
            }
            if ($number % 100 === 0) {
                $what = $properties ? 'properties' : 'examples';
                fwrite(STDERR, sprintf("%d of %d, %s\n", $number, count($mutants), $what));
            }
            $this->start($mutant, $properties);
        }
        while ($this->going !== []) {
            $this->waitForOne();
        }
    }

    /** A fork that cannot run tests at all would count every fault as caught. */
    private function mustPassUntouched(Mutation $mutant): void
    {
        $examples = $this->covering->examples($mutant);
        $process = pcntl_fork();
        if ($process === 0) {
            $none = $examples === [];
            $this->test($mutant, $none ? $this->covering->properties($mutant) : $examples, $none, false);
        }
        pcntl_waitpid($process, $state);
        assert(is_int($state));
        if (! pcntl_wifexited($state) || pcntl_wexitstatus($state) !== 0) {
            throw new RuntimeException('The tests of '.$mutant->file->getRealPath().' fail without any fault.');
        }
    }

    private function start(Mutation $mutant, bool $properties): void
    {
        $tests = $properties ? $this->covering->properties($mutant) : $this->covering->examples($mutant);
        if ($tests === []) {
            $reached = $this->covering->examples($mutant) !== [];
            $unmoved = $reached ? How::Missed : How::Unreached;
            $this->verdicts->keep($mutant, $properties ? $unmoved : How::PastExamples);

            return;
        }
        $process = pcntl_fork();
        if ($process === 0) {
            $this->test($mutant, $tests, $properties);
        }
        $this->going[$process] = [$mutant, $properties];
    }

    private function waitForOne(): void
    {
        $process = pcntl_wait($state);
        assert(is_int($state));
        [$mutant, $properties] = $this->going[$process];
        unset($this->going[$process]);
        $endless = pcntl_wifsignaled($state) && pcntl_wtermsig($state) === SIGALRM;
        $green = pcntl_wifexited($state) && pcntl_wexitstatus($state) === 0;
        $this->verdicts->keep($mutant, match (true) {
            $endless => How::Endless,
            $green => $properties ? How::Missed : How::PastExamples,
            default => $properties ? How::ByProperty : How::ByExample,
        });
    }

    /**
     * The forked process: the mutant takes the place of its class, and Pest runs the tests that reach it.
     *
     * @param  list<string>  $tests
     */
    private function test(Mutation $mutant, array $tests, bool $properties, bool $faulty = true): never
    {
        $patience = self::PATIENCE_S + (int) (self::PATIENCE_A_TEST_S * count($tests));
        pcntl_alarm($properties ? self::PATIENCE_PROPERTIES_S : $patience);
        ini_set('memory_limit', '1G');
        $of = 'Pasada\\Core\\'.strtr(
            substr($mutant->file->getRealPath(), strlen("$this->root/core/src/"), -strlen('.php')),
            '/',
            '\\',
        );
        spl_autoload_register(
            static function (string $class) use ($of, $mutant, $faulty): void {
                if ($faulty && $class === $of) {
                    require $mutant->modifiedSourcePath;
                }
            },
            prepend: true,
        );
        $_SERVER['argv'] = [
            'pest',
            ...$this->files($tests, $mutant),
            '--filter='.self::filter($tests),
            $properties ? '--group=properties' : '--exclude-group=properties',
            '--bail',
            // The application makes an exception of a warning, and so is a fault that warns caught.
            '--fail-on-warning',
            '--fail-on-notice',
            '--do-not-cache-result',
            '--colors=never',
        ];
        $_SERVER['argc'] = count($_SERVER['argv']);
        require "$this->root/vendor/pestphp/pest/bin/pest";
        exit(1);
    }

    /**
     * The test of the class itself first, then those of its folder and of its room: the likeliest to notice.
     *
     * @param  list<string>  $tests
     * @return list<string>
     */
    private function files(array $tests, Mutation $mutant): array
    {
        $class = substr($mutant->file->getRealPath(), strlen("$this->root/core/src/"), -strlen('.php'));
        $files = [];
        foreach ($tests as $test) {
            // P\Core\tests\Scoring\CreditTest::__pest_evaluable_it_...
            $file = lcfirst(strtr(substr(explode('::', $test)[0], 2), '\\', '/')).'.php';
            $files[$file] = match (true) {
                $file === "core/tests/{$class}Test.php" => 0,
                dirname($file) === 'core/tests/'.dirname($class) => 1,
                str_starts_with($file, 'core/tests/'.explode('/', $class)[0]) => 2,
                default => 3,
            };
        }
        asort($files);

        return array_keys($files);
    }

    /**
     * Pest matches a filter against the words of a test, of which the method's name keeps the letters only.
     *
     * @param  list<string>  $tests
     */
    private static function filter(array $tests): string
    {
        $patterns = [];
        foreach ($tests as $test) {
            [$class, $method] = explode('::', $test);
            $words = strtr(substr($method, strlen('__pest_evaluable_')), ['__' => '.{1,2}', '_' => '.']);
            $patterns[] = substr((string) strrchr($class, '\\'), 1)."::(.*)$words";
        }

        return implode('|', $patterns);
    }
}
