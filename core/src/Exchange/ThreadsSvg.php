<?php

declare(strict_types=1);

namespace LampThread\Exchange;

use LampThread\Loom\Drawing;
use LampThread\Loom\WireRow;
use LampThread\Message\Message;
use LampThread\Sizing\Sizing;

/** The threads as a standing SVG, black on white, for print and for other programs. */
final class ThreadsSvg
{
    private const HEAD = 40;

    private const STYLE = 'path{fill:none;stroke:#000;stroke-width:2}.rail{stroke-width:5}.wire{stroke-width:1.5}'
        .'text{font:13px sans-serif;text-anchor:middle}.title{font-weight:bold;text-anchor:start}.mark{font-weight:bold;font-size:15px}'
        .'circle{fill:#fff;stroke:#000;stroke-width:1.5}';

    /** @param  array<string, string>  $sizes  wire id to colour, size and length */
    private function __construct(private array $sizes, private Wording $wording) {}

    public static function of(Sizing $sizing, Wording $wording): string
    {
        $sizes = [];
        foreach ($sizing->circuit->wires as $wire) {
            $sizes[$wire->id] = sprintf('%s|%s|%g m', $wire->colour->value, $sizing->sizeOf($wire)->designation ?? WireRow::NO_SIZE, $wire->segment->lengthM);
        }
        $drawing = Drawing::of($sizing->circuit, Drawing::WIDE, $sizing->unmade());

        return (new self($sizes, $wording))->drawing($wording->worded($drawing), $sizing->brief->job->title);
    }

    /** @param  array<string, mixed>  $drawing */
    private function drawing(array $drawing, string $title): string
    {
        $body = implode('', array_map($this->thread(...), $drawing['threads']));
        $height = $drawing['height'] + self::HEAD;

        return sprintf(
            '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 -%d %d %d" width="%d" height="%d"><title>%s</title><style>%s</style>'
            ."<rect y=\"-%d\" width=\"100%%\" height=\"100%%\" fill=\"#fff\"/>%s%s</svg>\n",
            self::HEAD, $drawing['width'], $height, $drawing['width'], $height, self::text($title), self::STYLE, self::HEAD,
            self::label(20, -14, $title, 'title'),
            $body,
        );
    }

    /** @param  array<string, mixed>  $thread */
    private function thread(array $thread): string
    {
        $y = $thread['y'];
        $start = $thread['start'];
        $end = $thread['end'];
        $svg = self::label(52, $y - 40, $thread['title'], 'title');
        if ($start['kind'] === 'supply') {
            $x = $start['terminal']['x'];
            $svg .= sprintf('<path class="rail" d="M%d %dV%d"/>', $x, $y - 22, $y + 22).self::label($x, $y - 27, $start['label']);
        }
        foreach ($thread['wires'] as $wire) {
            $svg .= sprintf('<path class="wire" d="M%d %dH%d"/>', $wire['x1'], $y, $wire['x2']);
            $middle = intdiv($wire['x1'] + $wire['x2'], 2);
            foreach (isset($wire['wire'], $this->sizes[$wire['wire']]) ? explode('|', $this->sizes[$wire['wire']]) : [] as $at => $text) {
                $svg .= self::label($middle, $y + [-9, 20, 36][$at], $text);
            }
        }
        foreach ($thread['items'] as $item) {
            $svg .= $this->item($item);
        }
        foreach ([$start['terminal'], $end['terminal']] as $terminal) {
            $svg .= self::terminal($terminal, null);
        }
        if ($end['kind'] === 'earth') {
            $svg .= self::shapes($end['shapes'], $end['terminal']['x'], $y).self::label($end['terminal']['x'], $y + 34, $end['label'], 'mark');
        } elseif ($end['kind'] === 'capped') {
            $svg .= self::label($end['terminal']['x'], $y + 34, $end['label'], 'mark');
        } elseif ($end['kind'] === 'open') {
            $svg .= self::label($end['terminal']['x'], $y + 30, $this->wording->text(Message::of('drawing.open-end')));
        }

        return $svg;
    }

    /** @param  array<string, mixed>  $item */
    private function item(array $item): string
    {
        $svg = self::shapes($item['shapes'], $item['x'], $item['y']).self::label($item['x'], $item['y'] + 36, $item['mark'], 'mark');
        if ($item['figure'] !== null) {
            $svg .= self::label($item['x'], $item['y'] + 52, sprintf('%g %s', $item['figure']['value'], $item['figure']['unit']));
        }

        return $svg.implode('', array_map(static fn (array $terminal): string => self::terminal($terminal, $terminal['number']), $item['terminals']));
    }

    /** @param  list<array{d: string, when: string}>  $shapes */
    private static function shapes(array $shapes, int $x, int $y): string
    {
        $svg = '';
        foreach ($shapes as $shape) {
            if ($shape['when'] !== 'closed') {
                $svg .= sprintf('<path transform="translate(%d %d)" d="%s"/>', $x, $y, $shape['d']);
            }
        }

        return $svg;
    }

    /** @param  array<string, mixed>  $terminal */
    private static function terminal(array $terminal, ?string $number): string
    {
        $svg = sprintf('<circle cx="%d" cy="%d" r="4"/>', $terminal['x'], $terminal['y']);
        if ($terminal['joint'] !== null) {
            $svg .= sprintf('<circle cx="%d" cy="%d" r="9"/>', $terminal['x'], $terminal['y'] - 34)
                .self::label($terminal['x'], $terminal['y'] - 30, $terminal['joint']);
        }

        return $number === null ? $svg : $svg.self::label($terminal['x'], $terminal['y'] - 9, $number);
    }

    private static function label(int $x, int $y, string $text, string $class = ''): string
    {
        return sprintf('<text x="%d" y="%d"%s>%s</text>', $x, $y, $class === '' ? '' : " class=\"{$class}\"", self::text($text));
    }

    private static function text(string $text): string
    {
        // XML has no way at all to write the other control characters and the two non-characters.
        return htmlspecialchars((string) preg_replace('/[\x00-\x08\x0B\x0C\x0E-\x1F\x{FFFE}\x{FFFF}]/u', ' ', $text), ENT_XML1 | ENT_QUOTES);
    }
}
