<?php

declare(strict_types=1);

namespace App\Files\People;

use App\Models\Group;
use KindChair\Format\FormatError;
use KindChair\People\PrecautionBook;

/** A table of people as spreadsheets read and write it (CSV). */
final class Table
{
    private const FIELDS = [
        'name' => ['name', 'full name', 'participant', 'person', 'initials', 'who'],
        'base' => ['base', 'seat', 'sits on', 'chair'],
        'age' => ['age', 'age band', 'years'],
        'pace' => ['pace', 'speed'],
        'precautions' => ['precautions', 'care', 'conditions', 'health'],
        'notes' => ['notes', 'note', 'remarks', 'comment'],
        'emergencyName' => ['emergency', 'emergency contact', 'contact', 'next of kin'],
        'emergencyPhone' => ['emergency phone', 'phone', 'telephone', 'tel'],
    ];

    /**
     * @return array{string, string} the text and how it was written
     * @throws FormatError when it is no text
     */
    public static function decoded(string $bytes): array
    {
        foreach (["\xEF\xBB\xBF" => 'UTF-8', "\xFF\xFE" => 'UTF-16LE', "\xFE\xFF" => 'UTF-16BE'] as $mark => $encoding) {
            if (str_starts_with($bytes, $mark)) {
                return [(string) mb_convert_encoding(substr($bytes, strlen($mark)), 'UTF-8', $encoding), $encoding];
            }
        }
        if (str_contains($bytes, "\0")) {
            throw FormatError::at('the file', 'this is not a text file. Save the table as CSV and try again.');
        }
        $isUtf8 = mb_check_encoding($bytes, 'UTF-8');

        return [$isUtf8 ? $bytes : (string) mb_convert_encoding($bytes, 'UTF-8', 'Windows-1252'), $isUtf8 ? 'UTF-8' : 'Windows-1252'];
    }

    /**
     * @return list<list<string>> the headings first
     * @throws FormatError when there is no table, or more than a group takes
     */
    public static function read(string $text): array
    {
        $first = strtok($text, "\r\n") ?: '';
        $counts = [',' => substr_count($first, ','), ';' => substr_count($first, ';'), "\t" => substr_count($first, "\t")];
        arsort($counts);
        $in = fopen('php://temp', 'r+');
        assert($in !== false);
        fwrite($in, $text);
        rewind($in);
        $rows = [];
        while (($cells = fgetcsv($in, null, (string) array_key_first($counts), '"', '')) !== false) {
            if ($cells !== [null]) {
                $rows[] = array_map(static fn (?string $cell): string => trim($cell ?? ''), $cells);
            }
        }
        if (count($rows) - 1 > Group::MOST) {
            throw FormatError::at('the file', sprintf('this table has %s rows; a group takes up to %d. Please split it.', number_format(count($rows) - 1), Group::MOST));
        }
        if (count($rows) < 2) {
            throw FormatError::at('the file', 'there is no table in it. The first row names the columns, such as Name, Base, Notes; each further row is a person.');
        }

        return $rows;
    }

    /**
     * Which column is which, by its heading.
     *
     * @param list<string> $columns
     * @return array<string, string> column number by field
     */
    public static function guess(array $columns): array
    {
        $guess = [];
        foreach (self::FIELDS as $field => $words) {
            foreach ($columns as $at => $column) {
                if (in_array(mb_strtolower($column), $words, true) && !in_array((string) $at, $guess, true)) {
                    $guess[$field] = (string) $at;
                    break;
                }
            }
        }

        return $guess;
    }

    /**
     * @param list<array<string, mixed>> $people in the open form
     * @return string a table that spreadsheets open without running anything
     */
    public static function write(array $people, PrecautionBook $precautionBook): string
    {
        $out = fopen('php://temp', 'r+');
        assert($out !== false);
        fputcsv($out, ['Name', 'Base', 'Age', 'Pace', 'Precautions', 'Notes', 'Emergency contact', 'Emergency phone'], escape: '');
        foreach ($people as $person) {
            $precautions = array_map(static fn (array $noted): string => $precautionBook->get($noted['code'])->name . (isset($noted['side']) ? " ({$noted['side']})" : ''), $person['precautions'] ?? []);
            $cells = [$person['name'], $person['base'], $person['age'] ?? '', $person['pace'] ?? '', implode('; ', $precautions), $person['notes'] ?? '', $person['emergency']['name'] ?? '', $person['emergency']['phone'] ?? ''];
            // A cell that a spreadsheet would take for a formula is marked as text.
            fputcsv($out, array_map(static fn (string $cell): string => preg_match('/^[=+\-@\t]/', $cell) === 1 ? "'$cell" : $cell, $cells), escape: '');
        }
        rewind($out);

        return "\u{FEFF}" . stream_get_contents($out);
    }
}
