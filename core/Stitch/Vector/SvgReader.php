<?php

declare(strict_types=1);

namespace Hakama\Stitch\Vector;

use Hakama\Words\Text;
use XMLReader;

/**
 * Reads the lines of an SVG as running stitches: path, polyline, polygon, line, rect, circle and ellipse,
 * in document order; a new block begins where the colour changes. Nothing in the file is run, fetched or
 * expanded: declarations and scripts are refused, and what cannot be sewn is left out and named.
 */
final readonly class SvgReader
{
    private const DEEPEST = 64;
    private const SVG = 'http://www.w3.org/2000/svg';

    /** What is inside these is never drawn where it stands. */
    private const HIDDEN = [
        'defs',
        'symbol',
        'clipPath',
        'mask',
        'marker',
        'pattern',
        'linearGradient',
        'radialGradient',
        'filter',
        'metadata',
        'title',
        'desc',
        'style',
    ];
    private const GROUPS = ['g', 'a', 'switch', 'svg'];

    public function __construct(private VectorRules $rules = new VectorRules()) {}

    /** @throws NotADrawing */
    public function fromString(string $svg, string $name = ''): Drawing
    {
        if (strlen($svg) > $this->rules->bytes) {
            throw NotADrawing::tooLarge(strlen($svg), $this->rules->bytes);
        }
        if (trim($svg) === '') {
            throw NotADrawing::malformed(new Text('artwork.not_a_drawing.empty'), 1);
        }
        $loud = libxml_use_internal_errors(true);
        libxml_clear_errors();
        try {
            return $this->read($svg, $name);
        } finally {
            libxml_clear_errors();
            libxml_use_internal_errors($loud);
        }
    }

    private function read(string $svg, string $name): Drawing
    {
        $reader = XMLReader::XML($svg, null, LIBXML_NONET | LIBXML_COMPACT);
        if (! ($reader instanceof XMLReader)) {
            throw NotADrawing::malformed(new Text('artwork.not_a_drawing.cannot_be_opened'), 1);
        }
        $sewing = new \Hakama\Stitch\Vector\Internal\OutlineSewing($this->rules, $name);
        /** @var list<Internal\ElementStyle> $styles of the elements that are open */
        $styles = [];
        while ($reader->read()) {
            if ($reader->nodeType === XMLReader::DOC_TYPE || $reader->nodeType === XMLReader::ENTITY_REF) {
                throw NotADrawing::declarations();
            }
            if ($reader->nodeType === XMLReader::END_ELEMENT) {
                array_pop($styles);
            } elseif ($reader->nodeType === XMLReader::ELEMENT) {
                if (count($styles) >= self::DEEPEST) {
                    throw NotADrawing::tooDeep(self::DEEPEST);
                }
                $style = $this->open($reader, $styles === [] ? null : $styles[count($styles) - 1], $sewing);
                if (! $reader->isEmptyElement) {
                    $styles[] = $style;
                }
            }
        }
        $error = libxml_get_last_error();
        if ($error !== false && $error->level >= LIBXML_ERR_ERROR) {
            throw NotADrawing::malformed($error->message, $error->line);
        }

        return $sewing->drawing();
    }

    private function open(XMLReader $reader, ?\Hakama\Stitch\Vector\Internal\ElementStyle $outer, \Hakama\Stitch\Vector\Internal\OutlineSewing $sewing): \Hakama\Stitch\Vector\Internal\ElementStyle
    {
        $name = $reader->localName;
        $ours = $reader->namespaceURI === '' || $reader->namespaceURI === self::SVG;
        $attributes = self::attributes($reader);
        if ($ours && in_array(strtolower($name), ['script', 'foreignobject', 'iframe', 'handler'], true)) {
            throw NotADrawing::scripted($name);
        }
        if ($outer === null) {
            if (! $ours || $name !== 'svg') {
                throw NotADrawing::notSvg($name);
            }

            if (! \Hakama\Stitch\Vector\Internal\ElementStyle::saysItsSize($attributes)) {
                $sewing->withoutSize();
            }

            return \Hakama\Stitch\Vector\Internal\ElementStyle::ofRoot($attributes);
        }
        $style = $outer->inside($attributes);
        if ($outer->hidden || ! $ours || in_array($name, self::HIDDEN, true) || $style->hidden) {
            return $style->asHidden();
        }
        if (! in_array($name, self::GROUPS, true)) {
            $sewing->take($name, $attributes, $style);
        }

        return $style;
    }

    /** @return array<string, string> */
    private static function attributes(XMLReader $reader): array
    {
        $attributes = [];
        while ($reader->moveToNextAttribute()) {
            if (
                preg_match('/^on/i', $reader->localName) === 1
                || preg_match('/^\s*javascript:/i', $reader->value) === 1
            ) {
                throw NotADrawing::scripted($reader->localName);
            }
            if ($reader->namespaceURI === '') {
                $attributes[$reader->localName] = $reader->value;
            }
        }
        $reader->moveToElement();

        return $attributes;
    }
}
