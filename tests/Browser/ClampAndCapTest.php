<?php

declare(strict_types=1);

namespace Tests\Browser;

use PHPUnit\Framework\Attributes\Depends;
use PHPUnit\Framework\Attributes\Test;

/** A bag that goes into a clamp, and a batch of caps moved to the machine that does not turn them by itself. */
final class ClampAndCapTest extends BrowserTestCase
{
    #[Test]
    public function a_bag_is_set_up_in_a_clamp_with_its_clearance_at_every_side_and_corner(): void
    {
        $this->visit($this->setupOf('Market bag').'?tab=frames&machine=M1');
        $this->find("[aria-label='Look at frame P-10']")->click();
        $this->sees('Set up in P-10');
        $this->browser
            ->wait(8, 100)
            ->until(fn(): bool => str_contains((string) $this->attribute('#in-frame', 'aria-label'), 'P-10'));
        // The window lies 9 mm nearer to the person than the machine believes: said, and drawn.
        self::assertSame('9', $this->attribute('#machine-centre', 'data-y'));
        self::assertCount(4, $this->all('#in-frame .corner'));
        $this->press('Steps');
        $this->sees('Find the true centre of the window from its notches');
        $this->sees('Trace once before the item is in');
        $this->press('Set up in P-10');
        $this->browser
            ->wait(8, 100)
            ->until(
                fn(): bool => str_contains($this->text(), 'is set up and planned')
                    || $this->all("input[id^='why-'][aria-invalid]") !== [],
            );
        foreach ($this->all("input[id^='why-'][aria-invalid]") as $why) {
            $why->sendKeys('its opening is narrow');
        }
        if (! str_contains($this->text(), 'is set up and planned')) {
            $this->press('Set up in P-10');
        }
        $this->sees('is set up and planned');
    }

    #[Test]
    #[Depends('a_bag_is_set_up_in_a_clamp_with_its_clearance_at_every_side_and_corner')]
    public function the_true_centre_of_the_clamp_is_found_step_by_step_and_kept(): void
    {
        $this->visit('/setup/clamps');
        $this->sees('its true centre was never found on this machine');
        $this->press('Save centre');
        $this->sees('Right: −200 to 200 mm');
        $this->sees('Tick each step when it is done');
        foreach ($this->all("input[name='checked[]']") as $box) {
            $box->click();
        }
        $this->type('#x', '0.5');
        $this->type('#y', '-9');
        $this->choose('#who', 'Ilse');
        $this->press('Save centre');
        $this->sees('True centre of P-10 on M1 saved.');
        $this->sees('Every clamp is centred');
    }

    #[Test]
    public function caps_moved_to_the_machine_that_does_not_turn_them_have_other_steps_at_once(): void
    {
        $setup = $this->setupOf('Quayside cap');
        $this->visit("{$setup}?machine=M1");
        $this->sees('no turn');
        $this->visit("{$setup}?machine=M3");
        $this->sees('turned 180°, never mirrored');
        $this->press('Set up in K-1');
        $this->sees('is set up and planned');
        preg_match('/(B-\d+) is set up/', $this->text(), $found);
        foreach (['M1' => 'no turn', 'M3' => 'turned 180°, never mirrored'] as $machine => $said) {
            $this->putFirst($found[1], $machine, 1);
            $this->visit("/floor/cards/{$found[1]}");
            $this->sees($said);
            $this->visit($setup);
            $this->sees("Steps on {$machine}");
        }
    }

    /** The address of the setup of the last order of a garment that waits to be sewn. */
    private function setupOf(string $garment): string
    {
        $this->visit('/setup');
        $path = $this->browser->executeScript(
            <<<'JS'
            const rows = [...document.querySelectorAll('tbody tr')].filter(row => row.innerText.includes(arguments[0]));
            return rows.length === 0 ? '' : new URL(rows[rows.length - 1].querySelector('a[href*="/setup/"]').href).pathname;
            JS
            ,
            [$garment],
        );
        self::assertNotSame('', $path, "there is no {$garment} to set up");

        return (string) $path;
    }
}
