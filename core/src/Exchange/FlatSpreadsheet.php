<?php

declare(strict_types=1);

namespace LampThread\Exchange;

/** One table as a spreadsheet in a single XML file: OpenDocument 1.2, flat (ISO/IEC 26300). Numbers are numbers, all else is text. */
final class FlatSpreadsheet
{
    private const NAMES = [
        'office' => 'urn:oasis:names:tc:opendocument:xmlns:office:1.0', 'table' => 'urn:oasis:names:tc:opendocument:xmlns:table:1.0',
        'text' => 'urn:oasis:names:tc:opendocument:xmlns:text:1.0',
    ];

    /**
     * @param  string  $name  of the table
     * @param  list<list<string>>  $rows
     */
    public static function of(string $name, array $rows): string
    {
        $writer = new \XMLWriter;
        $writer->openMemory();
        $writer->startDocument('1.0', 'UTF-8');
        $writer->startElementNs('office', 'document', self::NAMES['office']);
        $writer->writeAttribute('xmlns:table', self::NAMES['table']);
        $writer->writeAttribute('xmlns:text', self::NAMES['text']);
        $writer->writeAttribute('office:version', '1.2');
        $writer->writeAttribute('office:mimetype', 'application/vnd.oasis.opendocument.spreadsheet');
        $writer->startElement('office:body');
        $writer->startElement('office:spreadsheet');
        $writer->startElement('table:table');
        $writer->writeAttribute('table:name', $name);
        foreach ($rows as $row) {
            $writer->startElement('table:table-row');
            foreach ($row as $cell) {
                self::cell($writer, $cell);
            }
            $writer->endElement();
        }
        $writer->endDocument();

        return $writer->outputMemory();
    }

    private static function cell(\XMLWriter $writer, string $cell): void
    {
        $writer->startElement('table:table-cell');
        $isNumber = is_numeric($cell);
        $writer->writeAttribute('office:value-type', $isNumber ? 'float' : 'string');
        if ($isNumber) {
            $writer->writeAttribute('office:value', $cell);
        }
        // What XML cannot hold has no place on a parts list.
        $writer->writeElement('text:p', (string) preg_replace('/[^\x{9}\x{A}\x{D}\x{20}-\x{D7FF}\x{E000}-\x{FFFD}\x{10000}-\x{10FFFF}]/u', '', mb_scrub($cell)));
        $writer->endElement();
    }
}
