<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Remote\LocalFileDetector;
use Facebook\WebDriver\WebDriverKeys;
use Facebook\WebDriver\WebDriverSelect;
use Hakama\Stitch\PatternBuilder;
use Hakama\Stitch\Tape\TapeWriter;
use PHPUnit\Framework\Attributes\Test;

/** A line of an order asks for nothing that is known. */
final class OrderLinesTest extends BrowserTestCase
{
    #[Test]
    public function a_garment_brings_its_cloth_and_its_places_and_a_colour_is_drawn_by_its_name(): void
    {
        $this->visit('/orders/new');
        $this->choose('#l0-garment', 'cap');
        self::assertSame(['twill', 'cap_front'], [$this->value('#l0-fabric'), $this->value('#l0-p0')]);
        $offered = $this->browser->executeScript(
            'return [...document.querySelectorAll("#l0-p0 option:not([hidden])")].map((one) => one.value)',
        );
        self::assertSame(['cap_front', 'cap_side', 'cap_back'], $offered);
        // What the catalogue says of a cap is offered for a style that stands in it.
        self::assertSame('', $this->value('#l0-profile'));
        $this->type('#l0-style', 'Quayside'.WebDriverKeys::TAB);
        self::assertSame('none', $this->value('#l0-profile'));
        // A cloth that was chosen stays.
        $this->choose('#l0-fabric', 'canvas');
        $this->choose('#l0-garment', 'towel');
        self::assertSame(['canvas', 'corner'], [$this->value('#l0-fabric'), $this->value('#l0-p0')]);

        $this->type('#l0-colour', 'dark green'.WebDriverKeys::TAB);
        $this->becomes('#l0-hex', '#264f2d');
        // In the other language there is, too; and what was picked by hand is not changed.
        $this->find('#l0-colour')->clear();
        $this->type('#l0-colour', 'verde botella'.WebDriverKeys::TAB);
        $this->becomes('#l0-hex', '#1e4436');
        $this->find('#l0-hex')->clear();
        $this->type('#l0-hex', '#123456');
        $this->find('#l0-colour')->clear();
        $this->type('#l0-colour', 'red'.WebDriverKeys::TAB);
        usleep(400_000);
        self::assertSame('#123456', $this->value('#l0-hex'));
    }

    #[Test]
    public function the_file_of_an_artwork_is_dropped_where_it_is_chosen_and_nothing_typed_is_lost(): void
    {
        $builder = new PatternBuilder('GULL');
        foreach (range(0, 60) as $i) {
            $builder->stitchTo(($i % 2) * 30, 4 * $i);
        }
        $path = sys_get_temp_dir().'/gull-'.random_int(1000, 9999).'.dst';
        file_put_contents($path, (new TapeWriter())->toString($builder->pattern()));
        $this->visit('/orders/new');
        $this->type('#customer', 'Harbour Choir');
        $file = '[data-art-drop]:has(#l0-a0) input[type="file"]';
        $this->find($file)->setFileDetector(new LocalFileDetector())->sendKeys($path);
        $this->sees(' added.');
        $name = (new WebDriverSelect($this->find('#l0-a0')))->getFirstSelectedOption()->getText();
        self::assertStringStartsWith('gull', $name);
        self::assertSame('Harbour Choir', $this->value('#customer'));
        // Its other places may have it too.
        self::assertContains($name, array_map(
            static fn($option): string => $option->getText(),
            (new WebDriverSelect($this->find('#l0-a1')))->getOptions(),
        ));

        // The same again is the one that is there; what is no tape is said, and the choice stays.
        $this->find($file)->setFileDetector(new LocalFileDetector())->sendKeys($path);
        $this->sees("{$name} added.");
        file_put_contents($path, 'no stitches at all');
        $this->find($file)->setFileDetector(new LocalFileDetector())->sendKeys($path);
        $this->browser->wait(15, 100)->until(fn(): bool => str_contains($this->textOf('[data-art-drop] output'), '.dst: '));
        self::assertSame($name, (new WebDriverSelect($this->find('#l0-a0')))->getFirstSelectedOption()->getText());
        unlink($path);
    }

    private function value(string $css): string
    {
        return (string) $this->browser->executeScript('return document.querySelector(arguments[0]).value', [$css]);
    }

    private function becomes(string $css, string $value): void
    {
        $this->browser->wait(8, 50)->until(fn(): bool => $this->value($css) === $value, "{$css} is not {$value}");
        $this->addToAssertionCount(1);
    }
}
