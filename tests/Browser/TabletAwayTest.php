<?php

declare(strict_types=1);

namespace Tests\Browser;

use PHPUnit\Framework\Attributes\Test;

/** A tablet at a machine goes on while the shop does not answer, and tells it everything once when it does. */
final class TabletAwayTest extends BrowserTestCase
{
    protected function tearDown(): void
    {
        self::server('CONT');
        parent::tearDown();
    }

    #[Test]
    public function touches_made_while_the_shop_is_away_are_delivered_once_and_in_order(): void
    {
        // M1 sews: from there on a hand can touch it.
        $this->visit('/floor/M1');
        $this->browser
            ->wait(10, 100)
            ->until(
                fn(): bool => $this->browser->executeAsyncScript(
                    'const done = arguments[0]; navigator.serviceWorker.ready.then((r) => done(r.active !== null))',
                ) === true,
                'nothing stands between the page and the shop',
            );
        $this->visit('/floor/M1');
        self::assertTrue($this->browser->executeScript('return navigator.serviceWorker.controller !== null'));
        // Whatever others left it at, it comes to sew.
        $on = ['ready' => 'Start load', 'halted' => 'Go on', 'sewn' => 'Done: count'];
        for ($touches = 0; $touches < 4 && $this->attribute('#station', 'data-stage') !== 'sewing'; $touches++) {
            $stage = (string) $this->attribute('#station', 'data-stage');
            $this->press($on[$stage] ?? self::fail("M1 is at {$stage}"));
            $this->browser->wait(10, 100)->until(
                fn(): bool => $this->attribute('#station', 'data-stage') !== $stage,
                "M1 stays {$stage}",
            );
        }
        self::assertSame('sewing', $this->attribute('#station', 'data-stage'));

        self::server('STOP');
        $this->press('Stop');
        // The page that was seen last is there, with what waits.
        $this->browser
            ->wait(20, 200)
            ->until(
                fn(): bool => str_contains($this->textOf('#kept'), 'One touch waits on this tablet'),
                'what was touched is not said to wait',
            );
        self::assertStringContainsString('Stop', $this->textOf('#kept-list'));
        $this->browser
            ->wait(10, 200)
            ->until(
                fn(): bool => str_contains($this->textOf('#kept-act'), 'Go on'),
                'what can be touched next is not there',
            );
        $this->press('Go on');
        $this->browser
            ->wait(5, 100)
            ->until(
                fn(): bool => str_contains($this->textOf('#kept'), '2 touches wait'),
                'second touch does not wait',
            );
        // A page drawn anew has them still.
        $this->visit('/floor/M1');
        $this->browser
            ->wait(20, 200)
            ->until(
                fn(): bool => str_contains($this->textOf('#kept'), '2 touches wait'),
                'a page drawn anew has lost them',
            );

        self::server('CONT');
        $this->browser
            ->wait(20, 200)
            ->until(
                fn(): bool => $this->browser->executeScript('return document.getElementById("kept")?.hidden') === true,
                'they are not delivered',
            );
        $this->becomes('sewing');
        $kinds = $this->lastEvents(2);
        self::assertSame(['resumed', 'stopped'], $kinds);
    }

    /** @return list<string> kinds of the last events of M1, newest first, as the books’ export has them */
    private function lastEvents(int $count): array
    {
        $base = new \PDO(
            sprintf('mysql:host=127.0.0.1;port=%s;dbname=hakama_browser', getenv('DB_PORT')),
            'hakama',
            (string) getenv('DB_PASSWORD'),
        );
        $asked = $base->prepare(
            "select e.kind from floor_events e join machines m on m.id = e.machine_id where m.code = 'M1' order by ".
            "e.seq desc limit {$count}",
        );
        $asked->execute();

        return array_map(strval(...), $asked->fetchAll(\PDO::FETCH_COLUMN));
    }

    private function becomes(string $stage): void
    {
        $this->browser
            ->wait(10, 200)
            ->until(fn(): bool => $this->attribute('#station', 'data-stage') === $stage, "the machine is not {$stage}");
    }

    /** The server stands still, and goes on. */
    private static function server(string $signal): void
    {
        $port = parse_url((string) getenv('TEST_URL'), PHP_URL_PORT);
        // The bracket keeps the shell that asks from being one of those that are asked for.
        exec("pkill -{$signal} -f '[1]27.0.0.1:{$port} -t public'");
    }
}
