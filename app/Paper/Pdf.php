<?php

declare(strict_types=1);

namespace App\Paper;

use Dompdf\Dompdf;
use Dompdf\Options;
use Illuminate\Support\Facades\View;

/** Pages as PDF, with their fonts inside; nothing is fetched, and nothing in them runs. */
final class Pdf
{
    private const POINTS_OF_A_MILLIMETRE = 72.0 / 25.4;

    private function __construct() {}

    /**
     * @param view-string $view
     * @param array{float, float} $millimetres width and height of a page
     * @param array<string, mixed> $with what the view shows
     */
    public static function of(string $view, array $millimetres, array $with): string
    {
        $fonts = storage_path('app/fonts');
        is_dir($fonts) || mkdir($fonts, 0o700, true);
        $options = new Options([
            'defaultFont' => 'DejaVu Sans',
            'fontDir' => $fonts,
            'fontCache' => $fonts,
            'tempDir' => $fonts,
            'isRemoteEnabled' => false,
            'isPhpEnabled' => false,
            'isJavascriptEnabled' => false,
            'isFontSubsettingEnabled' => true,
        ]);
        $pdf = new Dompdf($options);
        $pdf->setPaper([0.0, 0.0, ...array_map(static fn(float $mm): float => $mm * self::POINTS_OF_A_MILLIMETRE, $millimetres)]);
        $pdf->loadHtml(View::make($view, $with)->render(), 'UTF-8');
        $pdf->render();

        return $pdf->output();
    }
}
