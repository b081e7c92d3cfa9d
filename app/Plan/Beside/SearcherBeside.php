<?php

declare(strict_types=1);

namespace App\Plan\Beside;

use App\Foundation\Console\Compiled;
use Hakama\Plan\Found;
use Hakama\Plan\Search;
use Hakama\Plan\Searcher;
use Hakama\Plan\Sequence;
use Hakama\Plan\SideBySide;
use Hakama\Plan\Workload;
use Illuminate\Support\Facades\Log;

/**
 * A search in a process of its own. Should it end before its time, what it had found is what it has found: the others go
 * on without it. It ends with whoever began it, since nobody speaks to it any more.
 */
final class SearcherBeside implements Searcher
{
    /** Fewer batches than this are looked through by one before a second is even begun. */
    private const LEAST = 30;

    /** @var resource|null */
    private $process;
    /** @var array<int, resource> */
    private array $pipes = [];

    private function __construct(private Found $found) {}

    /**
     * @param int $searchers how many at once
     *
     * @return SideBySide the first of them looks in this process
     */
    public static function several(
        Workload $workload,
        int $searchers,
        int $seed,
        int $iterations,
        ?Sequence $inForce,
    ): SideBySide {
        $several = PHP_SAPI === 'cli' && count($workload->batches) >= self::LEAST ? max(1, $searchers) : 1;
        $seeds = SideBySide::seeds($seed, $several);
        // They get ready while the first does.
        $begun = array_map(
            static fn(int $seed): array => self::start([$workload, $seed, $iterations, $inForce]),
            array_slice($seeds, 1),
        );
        $first = Search::of($workload, $seeds[0], $iterations, $inForce);

        return new SideBySide(
            $first,
            array_map(static fn(array $one): self => self::met($first->found(), ...$one), $begun),
        );
    }

    /**
     * @param array{Workload, int, int, Sequence|null} $of
     *
     * @return array{resource|null, array<int, resource>}
     */
    private static function start(array $of): array
    {
        $process = proc_open(
            [PHP_BINARY, ...Compiled::FLAGS, '-d', 'memory_limit='.ini_get('memory_limit'), base_path('artisan'), 'plan:beside'],
            [['pipe', 'r'], ['pipe', 'w'], STDERR],
            $pipes,
        );
        if ($process === false) {
            return [null, []];
        }
        Frames::write($pipes[0], $of);

        return [$process, $pipes];
    }

    /**
     * @param resource|null        $process
     * @param array<int, resource> $pipes
     */
    private static function met(Found $asGood, $process, array $pipes): self
    {
        $one = new self($asGood);
        [$one->process, $one->pipes] = [$process, $pipes];
        $one->found();

        return $one;
    }

    public function begin(int $iterations): void
    {
        $this->say($iterations);
    }

    public function found(): Found
    {
        if ($this->process !== null) {
            $found = Frames::read($this->pipes[1]);
            $found instanceof Found ? ($this->found = $found) : $this->gone();
        }

        return $this->found;
    }

    public function take(Found $better): void
    {
        $this->say($better);
    }

    private function say(int|Found $what): void
    {
        if ($this->process !== null && ! Frames::write($this->pipes[0], $what)) {
            $this->gone();
        }
    }

    private function gone(): void
    {
        Log::warning('plan:beside', ['ended' => 'early']);
        $this->end();
    }

    private function end(): void
    {
        if ($this->process !== null) {
            array_map(fclose(...), $this->pipes);
            proc_terminate($this->process, 9);
            proc_close($this->process);
            $this->process = null;
        }
    }

    public function __destruct()
    {
        $this->end();
    }
}
