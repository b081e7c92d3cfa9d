<?php

declare(strict_types=1);

namespace Bench;

use App\Artwork\Actions\Intake;
use App\Artwork\Models\Artwork;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Hakama\Stitch\Pattern;
use Hakama\Stitch\PatternBuilder;
use Tests\Browser\Headless;

/**
 * The player in a browser without a graphics card: what the page weighs, how long a frame's work takes, what it
 * keeps.
 */
final class Player
{
    public function __construct(private readonly string $server, private readonly string $driver) {}

    public function measure(): void
    {
        $browser = Headless::open($this->driver, 120_000);
        printf("\nThe player (limits: page under 150 kB before the stitches, 16.7 ms of work a frame, 256 MiB)\n");
        foreach ([200_000, 1_000_000] as $stitches) {
            $artwork = app(Intake::class)->make(
                self::pattern($stitches),
                'bench.dst',
                "Bench {$stitches}",
                'tape',
                [],
                [],
            );
            $this->one($browser->driver, $artwork);
        }
        $browser->close();
    }

    private function one(RemoteWebDriver $browser, Artwork $artwork): void
    {
        $browser->get("{$this->server}/artwork/{$artwork->id}");
        $browser
            ->wait(60, 200)
            ->until(
                static fn(): bool => $browser->executeScript(
                    'return document.querySelector("[data-ready]") !== null',
                ) === true,
            );
        [$page, $track] = $browser->executeScript(
            <<<'JS'
            const all = [...performance.getEntriesByType('navigation'), ...performance.getEntriesByType('resource')];
            const bytes = (some) => some.reduce((sum, one) => sum + one.transferSize, 0);
            const isTrack = (one) => one.name.includes('/track');
            return [bytes(all.filter((one) => !isTrack(one))), bytes(all.filter(isTrack))];
            JS
            ,
        );
        $browser->manage()->timeouts()->setScriptTimeout(60);
        // The work of each frame while it plays at ten thousand stitches a second, and of going to places anywhere.
        [$play, $frame, $go, $heap, $pictures] = $browser->executeAsyncScript(
            <<<'JS'
            const done = arguments[0];
            const p = document.querySelector('[data-player]').player;
            const took = [];
            const [reach, paint] = [p.reach.bind(p), p.paint.bind(p)];
            let spent = 0;
            p.reach = (to) => {
                const from = performance.now();
                const all = reach(to);
                spent += performance.now() - from;
                return all;
            };
            p.paint = () => {
                const from = performance.now();
                paint();
                took.push(spent + performance.now() - from);
                spent = 0;
            };
            p.find('rate').value = '10000';
            const frames = [];
            let last = 0;
            const beat = (now) => { if (p.playing) frames.push(now - last); last = now; requestAnimationFrame(beat); };
            requestAnimationFrame(beat);
            (async () => {
                await p.goTo(0);
                took.length = 0;
                p.play();
                await new Promise((later) => setTimeout(later, 4000));
                p.pause();
                const play = took.slice();
                const go = [];
                for (let i = 0; i < 40; i++) {
                    const from = performance.now();
                    await p.goTo((p.t.sewn * ((i * 37) % 40)) / 40);
                    go.push(performance.now() - from);
                }
                const median = (some) => some.sort((a, b) => a - b)[Math.floor(some.length / 2)];
                const each = p.canvas.width * p.canvas.height * 4;
                const pictures = (Object.values(p.kept).length + 2) * each;
                done([median(play), median(frames.slice(5)), median(go), performance.memory.usedJSHeapSize, pictures]);
            })();
            JS
            ,
        );
        printf(
            "  %7d stitches: page %.0f kB, stitches %.0f kB, a frame's work %.1f ms and a frame every %.1f ms, to ".
            "any stitch %.0f ms, memory %.0f MiB and pictures %.0f MiB\n",
            $artwork->stitches,
            $page / 1000,
            $track / 1000,
            $play,
            $frame,
            $go,
            $heap / 1048576,
            $pictures / 1048576,
        );
    }

    private static function pattern(int $stitches): Pattern
    {
        $builder = new PatternBuilder('BENCH');
        $random = new \Random\Randomizer(new \Random\Engine\Mt19937(1));
        $across = (int) sqrt($stitches / 4);
        for ($i = 0; $i < $stitches; $i++) {
            if ($i % intdiv($stitches, 8) === intdiv($stitches, 8) - 1) {
                $builder->stop();
            }
            $row = intdiv($i, $across);
            $step = $i % $across;
            // No two stitches quite alike, as in a real design, so that nothing is packed away to nothing.
            $builder->stitchTo(
                20 * ($row % 2 === 0 ? $step : $across - 1 - $step) + $random->getInt(-6, 6),
                4 * $row + $random->getInt(-3, 3),
            );
        }

        return $builder->pattern();
    }
}
