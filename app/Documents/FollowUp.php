<?php

declare(strict_types=1);

namespace App\Documents;

use LampThread\Exchange\Wording;
use LampThread\Message\Message;

/** The checks that follow a handover, as an iCalendar (RFC 5545): after a week and after a season. */
final class FollowUp
{
    private const AFTER_DAYS = ['week' => 7, 'season' => 120];

    /** A line is folded behind so many bytes. */
    private const FOLD = 73;

    /** @param  int  $from  s since 1970, when it was handed over */
    public static function calendar(string $job, string $title, int $from, Wording $wording): string
    {
        $lines = ['BEGIN:VCALENDAR', 'VERSION:2.0', 'PRODID:-//Lamp Thread//Handover//EN'];
        foreach (self::AFTER_DAYS as $when => $days) {
            $day = $from + 86_400 * $days;
            array_push(
                $lines, 'BEGIN:VEVENT', "UID:{$job}-{$when}@lamp-thread.example", 'DTSTAMP:'.gmdate('Ymd\THis\Z', $from), 'DTSTART;VALUE=DATE:'.gmdate('Ymd', $day),
                'DTEND;VALUE=DATE:'.gmdate('Ymd', $day + 86_400), 'SUMMARY:'.self::text($title.': '.$wording->text(Message::of("follow-up.{$when}.title"))),
                'DESCRIPTION:'.self::text($wording->text(Message::of("follow-up.{$when}.says"))), 'END:VEVENT',
            );
        }
        $lines[] = 'END:VCALENDAR';

        return implode("\r\n", array_map(self::folded(...), $lines))."\r\n";
    }

    private static function text(string $text): string
    {
        return str_replace(['\\', ';', ',', "\r\n", "\n"], ['\\\\', '\;', '\,', '\n', '\n'], $text);
    }

    private static function folded(string $line): string
    {
        $parts = [];
        while (strlen($line) > self::FOLD) {
            $cut = mb_strcut($line, 0, self::FOLD, 'UTF-8');
            $parts[] = $cut;
            $line = substr($line, strlen($cut));
        }

        return implode("\r\n ", [...$parts, $line]);
    }
}
