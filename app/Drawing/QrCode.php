<?php

declare(strict_types=1);

namespace App\Drawing;

/** A text as a QR code (ISO/IEC 18004), level M, drawn here. */
final readonly class QrCode
{
    /** Light modules around it that readers want: four, by the standard. */
    private const QUIET = 4;

    public static function svg(string $text, string $label): string
    {
        $code = (new \TCPDF2DBarcode($text, 'QRCODE,M'))->getBarcodeArray();
        $path = '';
        $rows = is_array($code) && is_array($code['bcode'] ?? null) ? array_values($code['bcode']) : [];
        foreach ($rows as $y => $row) {
            foreach (is_array($row) ? array_values($row) : [] as $x => $isDark) {
                if (is_scalar($isDark) && (int) $isDark === 1) {
                    $path .= sprintf('M%d %dh1v1h-1z', $x + self::QUIET, $y + self::QUIET);
                }
            }
        }
        $side = count($rows) + 2 * self::QUIET;

        return sprintf(
            '<svg class="qr" viewBox="0 0 %1$d %1$d" role="img" aria-label="%2$s" shape-rendering="crispEdges">'
                .'<path fill="#fff" d="M0 0h%1$dv%1$dH0z"/><path fill="#000" d="%3$s"/></svg>',
            $side,
            e($label),
            $path,
        );
    }
}
