<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Remote\LocalFileDetector;
use PHPUnit\Framework\Attributes\Depends;
use PHPUnit\Framework\Attributes\Test;

/** A crew list of thirty names, from the file to the last piece that is counted. */
final class NamesPathTest extends BrowserTestCase
{
    private const NAMES = [
        'Ada',
        'Bo',
        'Cleo',
        'Dirk',
        'Elsbeth',
        'Fenna',
        'Gül',
        'Håkon',
        'Ines',
        'Jón',
        'Karl-Otto',
        'Łucja',
        'Mio',
        'Nuño',
        'Oda',
        'Piet',
        'Quirin',
        'Řehoř',
        'Søren',
        'Tara',
        'Ute',
        'Vito',
        'Wim',
        'Xenia',
        'Yara',
        'Zoë',
        'Äilis',
        'Ivo',
        'Jo',
        'Kaj',
    ];

    private static int $order = 0;

    #[Test]
    public function the_list_is_read_from_a_file_and_its_faults_are_said_first(): void
    {
        $this->visit('/orders/new');
        $this->type('#customer', 'Ferry crew, the new ones');
        $this->choose('#l0-garment', 'polo');
        $this->choose('#l0-fabric', 'pique');
        $this->type('#l0-style', 'Landing');
        $this->type('#l0-colour', 'navy');
        $this->type('#l0-M', '18');
        $this->type('#l0-L', '12');
        $this->choose('#l0-p0', 'left_chest');
        $this->set('#due_date', '2026-03-20');
        $this->press('Save order');
        $this->sees('saved.');
        self::$order = (int) basename($this->browser->getCurrentURL());
        $this->press('A name on each');
        $this->sees('30 pieces need theirs');

        $this->type('#names', "Ada; M\nBo 愛; L");
        $this->sees('is not in the block alphabet');
        $this->sees('2 texts for 30 pieces');
        $this->type('#names', '');
        $path = sys_get_temp_dir().'/crew-'.getmypid().'.csv';
        $lines = array_map(
            static fn(string $name, int $i): string => "{$name};".($i < 18 ? 'M' : 'L'),
            self::NAMES,
            array_keys(self::NAMES),
        );
        file_put_contents($path, "name;size\n".implode("\n", $lines)."\n");
        $this->find('#list')->setFileDetector(new LocalFileDetector())->sendKeys($path);
        $this->set('#most_mm', '60');
        $this->choose('#thread', 'D-12');
        $this->press('Save names');
        $this->sees('30 names saved.');
        unlink($path);
        $this->sees('Řehoř');
        $this->press('Approve the spelling');
        $this->sees('Choose who read the names');
        $this->choose('#who', 'Odo');
        $this->press('Approve the spelling');
        $this->sees('Spelling approved by Odo');
    }

    #[Test]
    #[Depends('the_list_is_read_from_a_file_and_its_faults_are_said_first')]
    public function each_is_put_on_confirmed_by_its_name_sewn_from_its_own_tape_and_counted(): void
    {
        $this->visit('/orders/'.self::$order);
        $this->press('to set up');
        $this->press('Set up in');
        $this->sees('is set up and planned.');
        preg_match('/(B-\d+) is set up/', $this->text(), $found);
        $this->putFirst($found[1], 'M2');
        $this->visit('/needles/M2');
        for ($i = 0; $i < 6 && str_contains($this->text(), 'before '.$found[1].'.'); $i++) {
            $before = $this->text();
            $this->keys('l');
            $this->browser->wait(8, 100)->until(fn(): bool => $this->text() !== '' && $this->text() !== $before);
        }
        $this->visit('/floor/M2');
        $this->sees('Before the first load');
        foreach ($this->all('.check input') as $box) {
            $box->click();
        }
        $this->choose('#who', 'Ilse');
        $this->press('All checked');

        $machine = new MachineOnTheLine('M2');
        foreach (self::NAMES as $i => $name) {
            // The first three and the last by hand, the others by the same forms without drawing their pages.
            $isSeen = $i < 3 || $i === count(self::NAMES) - 1;
            if ($isSeen) {
                $this->visit('/floor/M2');
                $this->press("Name read, {$name}: start");
                $this->sees('Sewing load '.($i + 1));
            } else {
                self::assertStringContainsString(
                    'Sewing load '.($i + 1),
                    $this->pressUnseen('/floor/M2', "Name read, {$name}: start"),
                );
            }
            self::assertSame('sew', $machine->takeUp(), $name);
            $machine->sew(100_000);
            if ($isSeen) {
                // The page asks once a second by itself; that is too long to wait for.
                $this->visit('/floor/M2');
                $this->press('Done: count this piece');
                $next = self::NAMES[$i + 1] ?? null;
                $next === null || $this->sees("Name read, {$next}: start");
            } else {
                self::assertStringNotContainsString(
                    'Done: count this piece',
                    $this->pressUnseen('/floor/M2', 'Done: count this piece'),
                );
            }
        }
        $this->isDone('Done: count this piece');
        $this->visit('/orders/'.self::$order);
        $this->sees('30 / 30');
        $this->visit('/floor/finish');
        $this->sees('Names, order '.self::$order);
        $this->sees('Karl-Otto');
    }
}
