<?php

declare(strict_types=1);

namespace App\Foundation\Formats;

use Dompdf\Cpdf;

/**
 * A PDF/A-3 whose contents say what they are: headings, paragraphs, rows and cells of tables in reading order, and
 * what is
 * there to be seen only. Conformance level A of ISO 19005-3; the structure is that of ISO 32000-1, 14.7 and 14.8.
 */
final class TaggedPdf extends Cpdf
{
    /** So many references stand in a line. */
    private const IN_A_LINE = 15;

    /** @var list<array{tag: string, in: int|null, page: int, mark: int|null}> in reading order */
    private array $elements = [];
    /** @var list<int> the groups that are open, the innermost last */
    private array $open = [];
    /** @var array<int, int> by page: how many pieces of its contents are marked */
    private array $marks = [];
    private string $language = 'en';
    private int $root = 0;

    public function speaks(string $language): void
    {
        $this->language = $language;
    }

    /** A table, or a row of one: what is marked until `endGroup` is in it. */
    public function group(string $tag): void
    {
        $page = (int) $this->currentPage;
        $this->elements[] = ['tag' => $tag, 'in' => $this->innermost(), 'page' => $page, 'mark' => null];
        $this->open[] = count($this->elements) - 1;
    }

    public function endGroup(): void
    {
        array_pop($this->open);
    }

    /** @param string $reads what it says, where its letters stand in another order or in another shape */
    public function mark(string $tag, string $reads = ''): void
    {
        $page = (int) $this->currentPage;
        $mark = $this->marks[$page] ?? 0;
        $this->marks[$page] = $mark + 1;
        $this->elements[] = ['tag' => $tag, 'in' => $this->innermost(), 'page' => $page, 'mark' => $mark];
        $text = $reads === '' ? '' : ' /ActualText <FEFF'.bin2hex(mb_convert_encoding($reads, 'UTF-16BE')).'>';
        $this->put("\n/{$tag} <</MCID {$mark}{$text}>> BDC");
    }

    /** Lines and areas: nothing to be read out. */
    public function decoration(): void
    {
        $this->put("\n/Artifact BMC");
    }

    public function endMark(): void
    {
        $this->put("\nEMC");
    }

    /** @param bool $debug */
    public function output($debug = false): string
    {
        $this->setPreferences('DisplayDocTitle', 1);
        $this->structure();

        return (string) parent::output($debug);
    }

    public function getXmpMetadata(): string
    {
        return str_replace('<pdfaid:conformance>B<', '<pdfaid:conformance>A<', (string) parent::getXmpMetadata());
    }

    /**
     * @param mixed               $id
     * @param mixed               $action
     * @param string|array<mixed> $options
     */
    protected function o_catalog($id, $action, $options = ''): ?string
    {
        $written = parent::o_catalog($id, $action, $options);

        return $action !== 'out' ? $written : str_replace(
            '<< /Type /Catalog',
            "<< /Type /Catalog /Lang ({$this->language}) /MarkInfo << /Marked true >> /StructTreeRoot {$this->root} 0 R",
            (string) $written,
        );
    }

    /**
     * @param mixed  $id
     * @param mixed  $action
     * @param string $options
     */
    protected function o_page($id, $action, $options = ''): ?string
    {
        $written = parent::o_page($id, $action, $options);
        $at = array_search($id, array_keys($this->marks), true);

        return $action !== 'out' || $at === false
            ? $written
            : str_replace('<< /Type /Page', "<< /Type /Page /Tabs /S /StructParents {$at}", (string) $written);
    }

    protected function o_structure(int $id, string $action): string
    {
        $object = $this->objects[$id];

        return $action === 'out' && is_array($object) && is_string($object['c'] ?? null)
            ? "\n{$id} 0 obj\n{$object['c']}\nendobj"
            : '';
    }

    /** The tree of what is marked, and by each page the way back from its contents to the tree. */
    private function structure(): void
    {
        $this->root = $this->numObj + 1;
        $document = $this->root + 1;
        $parents = $this->root + 2;
        $first = $this->root + 3;
        $children = [];
        $byPage = array_map(static fn(): array => [], $this->marks);
        foreach ($this->elements as $i => $element) {
            $children[$element['in'] ?? -1][] = ($first + $i).' 0 R';
            if ($element['mark'] !== null) {
                $byPage[$element['page']][] = ($first + $i).' 0 R';
            }
        }
        $numbers = array_map(
            static fn(int $at, array $refs): string => "{$at} [".self::broken($refs).']',
            array_keys(array_values($byPage)),
            array_values($byPage),
        );
        $this->object("<< /Type /StructTreeRoot /K {$document} 0 R /ParentTree {$parents} 0 R >>");
        $this->object(
            "<< /Type /StructElem /S /Document /P {$this->root} 0 R /K [".self::broken($children[-1] ?? []).'] >>',
        );
        $this->object("<< /Nums [\n".implode("\n", $numbers)."\n] >>");
        foreach ($this->elements as $i => $element) {
            $in = $element['in'] === null ? $document : $first + $element['in'];
            $holds = $element['mark'] ?? '['.self::broken($children[$i] ?? []).']';
            $at = "/P {$in} 0 R /Pg {$element['page']} 0 R";
            $this->object("<< /Type /StructElem /S /{$element['tag']} {$at} /K {$holds} >>");
        }
    }

    private function object(string $contents): void
    {
        $this->numObj++;
        $this->objects[$this->numObj] = ['t' => 'structure', 'c' => $contents];
    }

    /** @param list<string> $refs in lines of a length that any reader takes */
    private static function broken(array $refs): string
    {
        return implode("\n", array_map(
            static fn(array $some): string => implode(' ', $some),
            array_chunk($refs, self::IN_A_LINE),
        ));
    }

    private function innermost(): ?int
    {
        return $this->open === [] ? null : $this->open[count($this->open) - 1];
    }

    private function put(string $operators): void
    {
        $contents = $this->objects[$this->currentContents];
        assert(is_array($contents) && is_string($contents['c']));
        $contents['c'] .= $operators;
        $this->objects[$this->currentContents] = $contents;
    }
}
