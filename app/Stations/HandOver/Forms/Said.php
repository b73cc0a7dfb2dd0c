<?php

declare(strict_types=1);

namespace App\Stations\HandOver\Forms;

use App\Support\WallClock;
use BenchGlow\Quantity\NotUnderstood;
use Carbon\CarbonImmutable;

/** Money, shares and days as people type them; money becomes decimal text, never a float. */
final class Said
{
    private const MONTHS = ['jan', 'feb', 'mar', 'apr', 'may', 'jun', 'jul', 'aug', 'sep', 'oct', 'nov', 'dec'];

    /** "12.50", "12,50", "1,412.50 EUR" */
    public static function money(string $typed, string $field, string $currency): string
    {
        $text = trim((string) preg_replace('/\s*'.preg_quote($currency, '/').'$/i', '', trim($typed)));
        $text = self::point($text);
        if (preg_match('/^-?\d{1,9}(\.\d{1,4})?$/', $text) !== 1) {
            throw new NotUnderstood("{$field}: expected money, as 12.50; found “{$typed}”.");
        }

        return $text;
    }

    /** A comma is a point where no thousands stand behind it. */
    private static function point(string $text): string
    {
        $text = str_replace(["\u{2212}", ' ', "'"], ['-', '', ''], $text);

        return str_contains($text, ',') && str_contains($text, '.')
            ? str_replace(',', '', $text)
            : (preg_match('/^-?\d{1,3}(,\d{3})+$/', $text) === 1
                ? str_replace(',', '', $text)
                : str_replace(',', '.', $text));
    }

    /** Money an hour: "45/h", "45", "45.50 EUR/h" */
    public static function rate(string $typed, string $currency): string
    {
        $text = trim((string) preg_replace('#\s*/\s*h(our)?$#i', '', trim($typed), -1, $isHourly));
        $plain = (string) preg_replace('/\s*'.preg_quote($currency, '/').'$/i', '', $text, -1, $hasCurrency);
        if (($hasCurrency > 0 && $isHourly === 0) || preg_match('/^\d{1,9}([.,]\d{1,4})?$/', trim($plain)) !== 1) {
            throw new NotUnderstood("Rate: “{$typed}” is money an hour; type 45 or 45/h.");
        }

        return self::point(trim($plain));
    }

    /** A share of one out of "20 %" or "20"; over 100 it asks back. */
    public static function share(string $typed, string $field, int $most = 100): string
    {
        $text = self::point(trim((string) preg_replace('/\s*%$/', '', trim($typed))));
        if (preg_match('/^\d{1,4}(\.\d{1,4})?$/', $text) !== 1) {
            throw new NotUnderstood("{$field}: expected a share, as 20 %; found “{$typed}”.");
        }
        [$whole, $part] = [...explode('.', $text, 2), ''];
        if ((int) $whole > $most || ((int) $whole === $most && trim($part, '0') !== '')) {
            $meant = (int) $whole > 100 && (int) $whole < 200 ? ' Did you mean '.((int) $whole - 100).' %?' : '';
            throw new NotUnderstood("{$field} {$text} % is over {$most}.{$meant}");
        }
        // Two digits to the right, as text.
        $digits = str_pad($whole, 3, '0', STR_PAD_LEFT).$part;
        $share = ltrim(substr($digits, 0, strlen($whole) < 3 ? 1 : strlen($whole) - 2), '0') ?: '0';
        $rest = rtrim(substr($digits, strlen($whole) < 3 ? 1 : strlen($whole) - 2), '0');

        return $rest === '' ? $share : "{$share}.{$rest}";
    }

    /**
     * "VAT 19 %" => its words and its share.
     *
     * @return array{label: string, rate: string}
     */
    public static function tax(string $typed): array
    {
        if (preg_match('/^(.*?)\s*(\d[\d.,]*)\s*%?$/u', trim($typed), $m) !== 1) {
            throw new NotUnderstood("Tax: expected its name and its share, as Tax 19 %; found “{$typed}”.");
        }
        $label = $m[1] === '' ? 'Tax' : $m[1];

        return ['label' => mb_substr($label, 0, 40), 'rate' => self::share($m[2], $label)];
    }

    /** "2026-06-30", "30 June", "30 June 2026"; a day no month has is named. */
    public static function day(string $typed, string $field): string
    {
        $text = trim($typed);
        if (preg_match('/^(\d{4})-(\d{1,2})-(\d{1,2})$/', $text, $m) === 1) {
            [$year, $month, $day] = [(int) $m[1], (int) $m[2], (int) $m[3]];
        } elseif (preg_match('/^(\d{1,2})\.? ([a-z]{3})[a-z]*\.?( (\d{4}))?$/i', $text, $m) === 1) {
            $at = array_search(strtolower($m[2]), self::MONTHS, true);
            $month = $at === false ? 0 : $at + 1;
            $year = (int) ($m[4] ?? WallClock::now()->format('Y'));
            $day = (int) $m[1];
        } else {
            throw new NotUnderstood("{$field}: expected a day, as 30 June or 2026-06-30; found “{$typed}”.");
        }
        if ($month < 1 || $month > 12) {
            throw new NotUnderstood("{$field} {$text}: there is no such month.");
        }
        if (! checkdate($month, $day, $year)) {
            $first = new CarbonImmutable(sprintf('%04d-%02d-01', $year, $month));
            throw new NotUnderstood("{$field} {$text}: {$first->format('F')} has {$first->format('t')} days.");
        }

        return sprintf('%04d-%02d-%02d', $year, $month, $day);
    }
}
