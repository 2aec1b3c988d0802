<?php

declare(strict_types=1);

namespace App\Documents;

use Dompdf\Dompdf;
use Dompdf\Options;

/** HTML on paper: black on white, its font embedded, each page numbered. */
final class Paper
{
    public const SIZES = ['a4', 'letter'];

    private const FONT = 'DejaVu Sans';

    private const LEFT_PT = 45.0;

    private const FOOT_PT = 26.0;

    private const FOOT_SIZE_PT = 7.5;

    /**
     * @param  string  $size  one of SIZES
     * @param  string|null  $foot  of every page, before its number; null for sheets without
     */
    public static function pdf(string $html, string $size, ?string $foot): string
    {
        $pdf = new Dompdf(new Options(['defaultFont' => self::FONT, 'isRemoteEnabled' => false, 'isPhpEnabled' => false, 'isFontSubsettingEnabled' => true]));
        $pdf->setPaper($size);
        $pdf->loadHtml($html);
        $pdf->render();
        if ($foot !== null) {
            $canvas = $pdf->getCanvas();
            $font = (string) $pdf->getFontMetrics()->getFont(self::FONT);
            $canvas->page_text(self::LEFT_PT, $canvas->get_height() - self::FOOT_PT, "{$foot}, page {PAGE_NUM} of {PAGE_COUNT}", $font, self::FOOT_SIZE_PT);
        }

        return (string) $pdf->output();
    }
}
